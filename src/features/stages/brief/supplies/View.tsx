import { View } from "react-native";
import { supplies } from "@/answers/brief/supplies";
import type { Outing } from "@/data";
import { editOuting } from "@/outing/edits";
import { restShade } from "@/outing/day/rest-shade";
import { NumberField } from "@/ui/controls/NumberField";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { shadeSum, suppliesSums, type Sum } from "@/words/packing";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { useOutings } from "../../../store/outings";
import { wallOf } from "../../shot/titles";

const NONE: readonly Outing[] = [];

const BY = [
  { key: "own-rate", label: "As I took before" },
  { key: "bursts", label: "By bursts" },
] as const;

/** Frames, cards, batteries, water: what the day takes, each with its sum. */
export function Supplies() {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const { data: others } = useOutings();
  const before = others?.outings ?? NONE;
  const answer = useOuting((v) => supplies(v, before));
  const { input, ownRate } = answer;
  const packing = outing.packing ?? { ticked: [], own: [] };
  const put = (edit: Partial<typeof packing>): void =>
    void commit(editOuting({ packing: { ...packing, ...edit } }));
  return (
    <View className="gap-3">
      <View role="list" aria-label="Supplies of the day">
        {[...suppliesSums(input, answer.supplies, answer.buffer), ...shadeOf(outing)].map((sum) => (
          <View key={sum.name} role="listitem">
            <Supply sum={sum} before={before} />
          </View>
        ))}
      </View>
      {ownRate && (
        <Segmented
          label="Frames are reckoned"
          segments={BY}
          chosen={input.ownRate ? "own-rate" : "bursts"}
          onChoose={(framesBy) => put({ framesBy })}
        />
      )}
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="Bursts of the day"
          unit="bursts"
          value={input.bursts}
          min={0}
          max={20_000}
          decimals={0}
          onChange={(bursts) => put({ bursts, framesBy: undefined })}
        />
        <NumberField
          label="A burst"
          unit="s"
          value={input.seconds}
          min={0.05}
          max={60}
          decimals={2}
          onChange={(burstSeconds) => put({ burstSeconds })}
        />
        <NumberField
          label="Battery is rated for"
          unit="frames"
          value={input.ratedFrames}
          min={20}
          max={20_000}
          decimals={0}
          onChange={(ratedFrames) => put({ ratedFrames })}
        />
        <NumberField
          label="Air"
          unit="°C"
          value={input.temperature}
          min={-60}
          max={60}
          decimals={0}
          onChange={(temperature) => void commit(editOuting({ weather: { ...outing.weather, temperature } }))}
        />
      </View>
    </View>
  );
}

/** One supply with what it is made of, a press away from its sum; shade is none, and cards are none while there are none. */
function Supply({ sum, before }: { sum: Sum; before: readonly Outing[] }) {
  const { line, name, value, madeOf } = sum;
  const told = (
    <View className="flex-row items-center gap-3 border-b border-line py-2">
      <View className="min-w-0 flex-1">
        <Txt weight={600}>{name}</Txt>
        <Txt size={14} tone="ink2">
          {madeOf}
        </Txt>
      </View>
      <Txt size={20} weight={700}>
        {value}
      </Txt>
    </View>
  );
  if (line === "shade" || line === "no-cards") return told;
  return (
    <AskSum of={["supplies", before, line]} title={name} says={`${name}: ${value}`}>
      {told}
    </AskSum>
  );
}

/** The sum of the shade, on a hot day under the sky. */
function shadeOf(outing: Outing): Sum[] {
  const shade = restShade(outing);
  if (!shade) return [];
  if (shade === "none") return [shadeSum(shade)];
  const wall = (at: number): string => wallOf({ outing }, at);
  return [shadeSum({ name: shade.position.name, from: wall(shade.from), until: wall(shade.until) })];
}
