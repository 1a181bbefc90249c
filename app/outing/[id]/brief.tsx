import { Stage } from "@/features/shell/stages";

export default function Brief() {
  return <Stage stage="brief" />;
}
