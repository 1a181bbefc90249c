import { Stage } from "@/features/shell/stages";

export default function Run() {
  return <Stage stage="run" />;
}
