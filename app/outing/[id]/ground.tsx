import { Stage } from "@/features/shell/stages";

export default function Ground() {
  return <Stage stage="ground" />;
}
