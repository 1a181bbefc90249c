import { Stage } from "@/features/shell/stages";

export default function Frame() {
  return <Stage stage="frame" />;
}
