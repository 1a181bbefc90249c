import { frameView, type AssessInput, type Assessment, type FrameView } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";

/** The frame from a position for the shot in hand, with what it is worked out from. */
export interface FrameFrom {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly frame: FrameView;
}

/** The frame of the shot in hand from a position, at the minute in hand; nothing where that gives no picture. */
export function frameFrom(view: OutingView, positionId: string): FrameFrom | undefined {
  const [input, found] = [view.asking({ positionId }), view.from(positionId)];
  return input && found?.ok ? { input, found, frame: frameView(input, found) } : undefined;
}
