import { create } from "zustand";
import type { OutingView } from "@/outing/outing-view";

interface Bodies {
  /** The shots that the second body is set for, by outing; none while one card is shown. */
  readonly second: Readonly<Record<string, string>>;
  readonly setSecond: (outingId: string, shotId: string | undefined) => void;
}

/** What the second body is kept ready for, as long as the page lives. */
export const useBodies = create<Bodies>((set) => ({
  second: {},
  setSecond: (outingId, shotId) =>
    set(({ second: { [outingId]: _, ...rest } }) => ({
      second: shotId === undefined ? rest : { ...rest, [outingId]: shotId },
    })),
}));

/** Shots that another body than the one in hand is planned for. */
export const shotsOfOtherBodies = ({ outing, choice }: OutingView): OutingView["outing"]["shots"] =>
  outing.shots.filter((shot) => {
    const own = outing.choices.find((c) => c.shotId === shot.id);
    return own !== undefined && own.bodyId !== choice.bodyId;
  });
