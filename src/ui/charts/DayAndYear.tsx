import { View } from "react-native";
import { Txt } from "../controls/Txt";

export interface AboutCell {
  readonly words: string;
  readonly isAbout: boolean;
}

interface Props {
  readonly says: string;
  readonly day: readonly AboutCell[];
  readonly year: readonly AboutCell[];
}

/** When something is about: the parts of a day in a row, the months of a year in another; filled and bold where it is. */
export function DayAndYear({ says, day, year }: Props) {
  return (
    <View role="img" aria-label={says} className="gap-1">
      <Cells cells={day} />
      <Cells cells={year} />
    </View>
  );
}

function Cells({ cells }: { cells: readonly AboutCell[] }) {
  return (
    <View className="flex-row gap-[2px]" aria-hidden>
      {cells.map(({ words, isAbout }, i) => (
        <View
          key={i}
          className={`min-w-0 flex-1 items-center border-b-4 pb-1 ${isAbout ? "border-moss" : "border-line"}`}
        >
          <Txt size={14} weight={isAbout ? 700 : 400} tone={isAbout ? "ink" : "ink2"}>
            {words}
          </Txt>
        </View>
      ))}
    </View>
  );
}
