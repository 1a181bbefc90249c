import { Stage } from "@/features/shell/stages";

export default function Expose() {
  return <Stage stage="expose" />;
}
