import { Stage } from "@/features/shell/stages";

export default function Review() {
  return <Stage stage="review" />;
}
