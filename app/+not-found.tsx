import { usePathname } from "expo-router";
import { NotFoundScreen } from "@/features/shell/NotFoundScreen";

export default function NotFound() {
  return <NotFoundScreen address={usePathname()} />;
}
