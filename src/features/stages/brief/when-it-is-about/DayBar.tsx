import { View } from "react-native";
import type { SubjectAbout } from "@/answers/brief/when-about";

interface Props extends Pick<SubjectAbout, "stretches"> {
  /** Epoch milliseconds of the outing's time. */
  readonly from: number;
  readonly until: number;
  readonly at: number;
}

/** The outing's time as a bar, its stretches filled, the minute in hand a line. What it shows stands in words below it. */
export function DayBar({ from, until, at, stretches }: Props) {
  const share = (t: number): `${number}%` => `${(100 * (t - from)) / (until - from)}%`;
  return (
    <View className="h-4 overflow-hidden rounded bg-line" aria-hidden>
      {stretches.map((s) => (
        <View
          key={s.from}
          className="absolute bottom-0 top-0 bg-moss"
          style={{ left: share(s.from), width: share(from + s.until - s.from) }}
        />
      ))}
      <View className="absolute bottom-0 top-0 w-[2px] bg-ink" style={{ left: share(at) }} />
    </View>
  );
}
