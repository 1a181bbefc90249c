import type { OutingView } from "@/outing/outing-view";

/** What a drill is played on. */
export interface DrillProps {
  readonly view: OutingView;
}
