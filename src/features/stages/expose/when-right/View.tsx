import { useState } from "react";
import { View } from "react-native";
import { evTold, knownLevels, toldLight, type KnownLevel } from "@/answers/expose/when-right";
import type { Assessment } from "@/core/judge";
import type { Reading } from "@/core/light";
import type { Outing } from "@/data";
import { dropReading, keepReading, readingFrom, readingOfEv } from "@/outing/edits/reading";
import { Button } from "@/ui/controls/Button";
import { FactLine } from "@/ui/controls/FactLine";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { evWords, knownWords, luxWords, offWords, settingsWords } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useCommit, useFound, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { ReadingForm } from "../../shot/ReadingForm";
import { spansWords, wallOf } from "../../shot/titles";
import type { LightTold } from "./light-told";
import { PictureFile } from "./PictureFile";

const WAYS = [
  { key: "settings", label: "Settings" },
  { key: "ev", label: "An EV" },
  { key: "level", label: "A level" },
  { key: "file", label: "A picture" },
] as const;
type Way = (typeof WAYS)[number]["key"];

/** What one knows of the light here: when at this spot it is right, and one press that makes it a reading. */
export function KnownLight() {
  const light = useFound((f) => f.light);
  const levels = useOuting(knownLevels);
  const [way, setWay] = useState<Way>("settings");
  const [told, setTold] = useState<LightTold>();
  const [level, setLevel] = useState("");
  const choose = (key: Way): void => {
    setWay(key);
    setTold(undefined);
  };
  const ofEv = (ev: number, words: string): void => setTold({ words, ev });
  return (
    <View className="gap-3">
      <Segmented label="What you know of the light" segments={WAYS} chosen={way} onChoose={choose} />
      {way === "settings" && (
        <ReadingForm
          save="When are they right?"
          onClose={() => undefined}
          onKeep={(taken, offClicks) => setTold({ words: settingsWords(taken), settings: taken, offClicks })}
        />
      )}
      {way === "ev" && (
        <View className="flex-row">
          <NumberField
            label="EV at ISO 100, measured at the subject"
            unit="EV"
            value={told && "ev" in told ? told.ev : light.ev}
            min={-6}
            max={20}
            onChange={(ev) => ofEv(ev, evWords(ev))}
          />
        </View>
      )}
      {way === "level" && (
        <LevelChoice
          levels={levels}
          chosen={level}
          onChoose={(row) => {
            setLevel(row.id);
            ofEv((row.evFrom + row.evTo) / 2, row.name);
          }}
        />
      )}
      {way === "file" && <PictureFile onTold={setTold} />}
      {told && <Told told={told} />}
    </View>
  );
}

interface LevelProps {
  readonly levels: readonly KnownLevel[];
  readonly chosen: string;
  readonly onChoose: (level: KnownLevel) => void;
}

/** A level of the library, and how the chosen one is known. */
function LevelChoice({ levels, chosen, onChoose }: LevelProps) {
  const now = levels.find((l) => l.id === chosen);
  return (
    <View className="gap-1">
      <Picker
        label="A light as this"
        items={levels.map(({ id, name, evFrom, evTo, own }) => ({
          key: id,
          title: own ? `${name}, yours` : name,
          detail: evFrom === evTo ? evWords(evFrom) : `${evWords(evFrom)} to ${evWords(evTo)}`,
        }))}
        chosen={chosen}
        onChoose={(key) => onChoose(levels.find((l) => l.id === key)!)}
      />
      {now && (
        <Txt size={14} tone="ink2">
          {knownWords(now)}
        </Txt>
      )}
    </View>
  );
}

const readingOf = (told: LightTold, found: Assessment, outing: Outing): Reading =>
  "settings" in told
    ? readingFrom(found, outing, told.offClicks, told.settings)
    : readingOfEv(found, outing, told.ev);

/** What was told against the light here, and the press that keeps it. */
function Told({ told }: { told: LightTold }) {
  const found = useFound((f) => f);
  const view = useOuting((v) => v);
  const readings = useOuting((v) => v.outing.light.readings.length);
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const { store } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  const ev = evTold(readingOf(told, found, outing));
  const { lux, off, right } = toldLight(view, ev)!;
  const keep = async (): Promise<void> => {
    const { view } = store.getState();
    if (!view.found) return;
    const reading = readingOf(told, view.found, view.outing);
    if (!(await commit(keepReading(reading)))) return;
    toast({ words: `Saved: ${told.words}`, undo: () => commit(dropReading(reading.id)) });
  };
  return (
    <View className="gap-2" aria-live="polite">
      <FactLine name={`${told.words}: right at this spot`} value={spansWords({ outing }, right)} />
      <FactLine name="That is, at the subject" value={`${evWords(ev)}, ${luxWords(lux)}`} />
      <FactLine name={`Against the light found here, ${evWords(found.light.ev)}`} value={offWords(off)} />
      <WhileRoom things="readings" count={readings}>
        <Button label={`Keep as a reading of ${wallOf({ outing }, at)}`} onPress={() => void keep()} />
      </WhileRoom>
      <Txt size={14} tone="ink2">
        A reading moves the light of this zone for all its shots, from its moment on.
      </Txt>
    </View>
  );
}
