import { View } from "react-native";
import { standsOut } from "@/answers/frame/stand-out";
import { coloursToTell } from "@/answers/plan/kinds";
import type { Swatch } from "@/core/ground";
import { editSubject } from "@/outing/edits";
import { Picker } from "@/ui/controls/Picker";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { backgroundWords, partingNumbers, partingWords, swatchWords } from "@/words";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";

const NOT_TOLD = "not-told";
const COLOURS = coloursToTell();
const TO_CHOOSE = [
  { key: NOT_TOLD, title: "Not told" },
  ...COLOURS.map(({ name }) => ({ key: name, title: swatchWords(name) })),
];

/** Whether the subject's colour parts from what stands behind it, and what to ask somebody to wear here. */
export function StandsOut() {
  const answer = useOuting(standsOut);
  const subject = useOuting((v) => v.subject);
  const background = useFound((f) => f.sighting.background);
  const commit = useCommit();
  if (!answer) return null;
  const { isPerson, now, toWear } = answer;
  const told = subject.colour;
  const set = (colour: Swatch | undefined): void => void commit(editSubject(subject.id, { colour }));
  return (
    <View className="gap-3">
      <Picker
        label={isPerson ? "Colour of its kit" : "Colour of its coat or plumage"}
        items={TO_CHOOSE}
        chosen={told ?? NOT_TOLD}
        onChoose={(key) => set(COLOURS.find(({ name }) => name === key)?.name)}
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
      <SumText
        of="beyond"
        title="Behind it"
        words={`Behind it from here: ${backgroundWords(background)}.`}
        tone="ink2"
      />
      {isPerson && (
        <View role="group" aria-label="What to ask somebody to wear here">
          <Txt size={14} tone="ink2">
            To ask somebody to wear here, the best first
          </Txt>
          {toWear.map((one) => (
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
  <View
    className="h-10 w-10 rounded border border-line"
    style={{ backgroundColor: COLOURS.find((c) => c.name === colour)!.css }}
  />
);
