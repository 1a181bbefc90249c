import { View } from "react-native";
import { SWATCH_NAMES, SWATCHES, type Swatch } from "@/core/ground";
import { coloursToWear, standsOut } from "@/core/judge";
import { creatureOf } from "@/core/motion";
import { editSubject } from "@/outing/edits";
import { Picker } from "@/ui/controls/Picker";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { backgroundWords, partingNumbers, partingWords, swatchWords } from "@/words";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";

const NOT_TOLD = "not-told";
const COLOURS = [
  { key: NOT_TOLD, title: "Not told" },
  ...SWATCH_NAMES.map((key) => ({ key, title: swatchWords(key) })),
];
/** Colours that are offered to be worn. */
const OFFERED = 4;

/** Whether the subject's colour parts from what stands behind it, and what to ask somebody to wear here. */
export function StandsOut() {
  const subject = useOuting((v) => v.subject);
  const input = useOuting((v) => v.input);
  const found = useFound((f) => f);
  const commit = useCommit();
  if (!input) return null;
  const told = subject.colour;
  const now = told && standsOut(input, found, told);
  const set = (colour: Swatch | undefined): void => void commit(editSubject(subject.id, { colour }));
  return (
    <View className="gap-3">
      <Picker
        label={creatureOf(subject) === "person" ? "Colour of its kit" : "Colour of its coat or plumage"}
        items={COLOURS}
        chosen={told ?? NOT_TOLD}
        onChoose={(key) => set(SWATCH_NAMES.find((name) => name === key))}
      />
      {now && (
        <View className="flex-row items-center gap-3" role="status">
          <Patch colour={now.colour} />
          <View className="min-w-0 flex-1">
            <Txt size={20} weight={700}>
              {partingWords(now.parting).replace(/^./, (c) => c.toUpperCase())}
            </Txt>
            <Txt>{`${partingNumbers(now)}.`}</Txt>
          </View>
        </View>
      )}
      <Txt tone="ink2">{`Behind it from here: ${backgroundWords(found.sighting.background)}.`}</Txt>
      {creatureOf(subject) === "person" && (
        <View role="group" aria-label="What to ask somebody to wear here">
          <Txt size={14} tone="ink2">
            To ask somebody to wear here, the best first
          </Txt>
          {coloursToWear(input, found)
            .slice(0, OFFERED)
            .map((one) => (
              <View key={one.colour} className="flex-row items-center gap-3">
                <Patch colour={one.colour} />
                <View className="min-w-0 flex-1">
                  <Row
                    title={swatchWords(one.colour)}
                    detail={partingNumbers(one)}
                    value={partingWords(one.parting)}
                    chosen={one.colour === told}
                    onPress={() => set(one.colour)}
                  />
                </View>
              </View>
            ))}
        </View>
      )}
      <Txt size={14} tone="ink2">
        Under a third of a stop and ΔE 10 it sinks in; over a stop or ΔE 30 it stands out (assumed). Before
        trees and snow ask for blue or red, never grey or black (common practice). Colours are told by name,
        not measured; softness and light do the rest.
      </Txt>
    </View>
  );
}

const Patch = ({ colour }: { colour: Swatch }) => (
  <View className="h-10 w-10 rounded border border-line" style={{ backgroundColor: SWATCHES[colour] }} />
);
