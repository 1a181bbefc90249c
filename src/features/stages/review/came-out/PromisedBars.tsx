import { View } from "react-native";
import type { Promised } from "@/answers/review/frames/came-out";
import { Txt } from "@/ui/controls/Txt";

const keptWords = (kept: number): string => (kept === 0 ? "none" : String(kept));

/** A bar each: what was wanted as its frame, what was kept filling it; what nobody kept says so. */
export function PromisedBars({ rows, of }: { rows: readonly Promised[]; of: "shots" | "people" }) {
  const most = Math.max(1, ...rows.flatMap((r) => [r.wanted, r.kept]));
  // Before the first frame nothing is late.
  const none = rows.every((r) => r.taken === 0);
  const share = (n: number): `${number}%` => `${(100 * n) / most}%`;
  return (
    <View role="list" aria-label={`Promised and kept, ${of}`}>
      {rows.map(({ id, name, wanted, kept, taken }) => (
        <View key={id} role="listitem" className="border-b border-line py-1">
          <View className="flex-row gap-2">
            <Txt className="min-w-0 flex-1">{name}</Txt>
            <Txt weight={600} tone={kept < wanted && !none ? "bracken" : "ink"}>
              {of === "people" ? keptWords(kept) : none ? `${wanted} wanted` : `${kept} of ${wanted}`}
            </Txt>
          </View>
          <View className="mt-1 h-3">
            <View className="absolute h-3 border border-ink2" style={{ width: share(wanted) }} />
            <View className="absolute h-3 bg-water" style={{ width: share(kept) }} />
          </View>
          {taken === 0 && !none && (
            <Txt size={14} tone="ink2">
              no frame
            </Txt>
          )}
        </View>
      ))}
    </View>
  );
}
