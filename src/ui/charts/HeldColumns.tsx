import { View } from "react-native";
import { Txt } from "../controls/Txt";

export interface HeldColumn {
  /** Share of the frames, 0 … 1. */
  readonly share: number;
  readonly isLost: boolean;
}

interface Props {
  readonly says: string;
  readonly columns: readonly HeldColumn[];
}

const HEIGHT = 28;

/** How often something holds at each of several steps: as many columns, full where it always does, crossed out where it is lost. */
export function HeldColumns({ says, columns }: Props) {
  return (
    <View role="img" aria-label={says} className="flex-row gap-1">
      {columns.map(({ share, isLost }, i) => (
        <View
          key={i}
          aria-hidden
          className="min-w-0 flex-1 items-center justify-end border border-line"
          style={{ height: HEIGHT }}
        >
          {isLost ? (
            <Txt tone="bracken" weight={700}>
              ✕
            </Txt>
          ) : (
            <View className="w-full bg-moss" style={{ height: Math.max(2, share * (HEIGHT - 2)) }} />
          )}
        </View>
      ))}
    </View>
  );
}
