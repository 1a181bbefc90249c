import { View } from "react-native";
import { suppliesOf } from "@/core/schedule";
import { editOuting } from "@/outing/edits";
import { bufferRun, suppliesInput } from "@/outing/day/day";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { suppliesSums } from "@/words/packing";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** Frames, cards, batteries, water: what the day takes, each with its sum. */
export function Supplies() {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const bodyId = useOuting((v) => v.rig?.body.id);
  const commit = useCommit();
  const input = suppliesInput(outing, kit, bodyId);
  const packing = outing.packing ?? { ticked: [], own: [] };
  const put = (edit: Partial<typeof packing>): void =>
    void commit(editOuting({ packing: { ...packing, ...edit } }));
  return (
    <View className="gap-3">
      <View role="list" aria-label="Supplies of the day">
        {suppliesSums(input, suppliesOf(input), bufferRun(outing, kit, bodyId)).map(
          ({ name, value, because }) => (
            <View
              key={name}
              role="listitem"
              className="flex-row items-center gap-3 border-b border-line py-2"
            >
              <View className="min-w-0 flex-1">
                <Txt weight={600}>{name}</Txt>
                <Txt size={14} tone="ink2">
                  {because}
                </Txt>
              </View>
              <Txt size={20} weight={700}>
                {value}
              </Txt>
            </View>
          ),
        )}
      </View>
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="Bursts of the day"
          unit="bursts"
          value={input.bursts}
          min={0}
          max={20_000}
          decimals={0}
          onChange={(bursts) => put({ bursts })}
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
