import type { Measured } from "@/core/practice";
import { Button } from "@/ui/controls/Button";
import { useChangePreferences, usePreferences } from "../store/preferences";

interface Props {
  /** The figure of one's own that the spread of a run may stand for. */
  readonly of: "pan" | "moment";
  readonly measured: Measured;
  readonly label: string;
}

/** The spread of a run taken as one's own, after a press; never the mean. */
export function TakeAsOwn({ of, measured: { spread, spreadLow, spreadHigh, tries }, label }: Props) {
  const learnt = usePreferences().learnt ?? {};
  const change = useChangePreferences();
  const isTaken = learnt[of]?.by === "practice" && learnt[of].value === spread;
  const own = {
    value: spread,
    low: spreadLow,
    high: spreadHigh,
    frames: tries,
    outings: 1,
    by: "practice",
  } as const;
  return (
    <Button
      label={isTaken ? "Taken as your own" : label}
      disabled={isTaken}
      onPress={() => void change({ learnt: { ...learnt, [of]: own } })}
    />
  );
}
