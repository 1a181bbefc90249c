import type { OutingView } from "@/outing/outing-view";
import { slice } from "../../../outing/slice";

interface Bodies {
  /** The shot that the second body is set for; none while one card is shown. */
  readonly second: string | undefined;
  readonly setSecond: (shotId: string | undefined) => void;
}

/** What the second body of an outing is kept ready for. */
export const bodies = slice<Bodies>(() => (set) => ({
  second: undefined,
  setSecond: (second) => set({ second }),
}));

/** Shots that another body than the one in hand is planned for. */
export const shotsOfOtherBodies = ({ outing, choice }: OutingView): OutingView["outing"]["shots"] =>
  outing.shots.filter((shot) => {
    const own = outing.choices.find((c) => c.shotId === shot.id);
    return own !== undefined && own.bodyId !== choice.bodyId;
  });
