import { useState } from "react";
import { View } from "react-native";
import { scaleOf } from "@/answers/expose/rails";
import type { Settings } from "@/core/exposure";
import { Button } from "@/ui/controls/Button";
import { Stepper } from "@/ui/controls/Stepper";
import { TextField } from "@/ui/controls/TextField";
import { apertureWords, isoWords, readNumber, shutterWords } from "@/words";
import { addSeries } from "@/outing/edits";
import { useTyped } from "../../../forms/use-typed";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";

const MOST = 99999;
/** 1/1000, f/2.8, ISO 1600: where there is no picture to take them from. */
const USUAL: Settings = { shutter: 30, aperture: 9, iso: 12 };

const RAILS = [
  { rail: "shutter", label: "Shutter used", words: shutterWords },
  { rail: "aperture", label: "Aperture used", words: apertureWords },
  { rail: "iso", label: "ISO used", words: isoWords },
] as const;

const whole = (text: string, least: number): number | undefined => {
  const value = readNumber(text);
  return value !== undefined && Number.isInteger(value) && value >= least && value <= MOST
    ? value
    : undefined;
};

/** Frames and keepers of the shot in hand at the settings that were used; the field card's to begin with. */
export function CountForm() {
  const shotId = useOuting((v) => v.shot.id);
  const suggested = useOuting((v) => v.found?.settings.settings) ?? USUAL;
  const counts = useOuting((v) => v.outing.log.length);
  const told = useToldChange();
  const [used, setUsed] = useState<Settings>();
  const id = useOuting((v) => v.outing.id);
  const [taken, setTaken] = useTyped(`taken ${id} ${shotId}`);
  const [kept, setKept] = useTyped(`kept ${id} ${shotId}`);
  const [tried, setTried] = useState(false);
  const settings = used ?? suggested;
  const frames = whole(taken, 1);
  const keepers = whole(kept, 0);
  const takenWrong = frames === undefined ? `Type a whole number from 1 to ${MOST}.` : undefined;
  const keptWrong =
    keepers === undefined
      ? "Type a whole number, 0 for none."
      : frames !== undefined && keepers > frames
        ? `No more than the ${frames} taken.`
        : undefined;

  const onCount = (): void => {
    setTried(true);
    if (takenWrong || keptWrong || frames === undefined || keepers === undefined) return;
    void told(
      addSeries({ shotId, settings, taken: frames, kept: keepers }),
      `${keepers} of ${frames} counted`,
    );
    setTaken("");
    setKept("");
    setTried(false);
  };
  return (
    <View className="gap-3" role="group" aria-label="Count frames">
      {RAILS.map(({ rail, label, words }) => (
        <Stepper
          key={rail}
          label={label}
          value={settings[rail]}
          words={words(settings[rail])}
          min={scaleOf(rail).first}
          max={scaleOf(rail).last}
          onChange={(click) => setUsed({ ...settings, [rail]: click })}
        />
      ))}
      <View className="flex-row gap-4">
        <TextField
          label="Frames taken"
          value={taken}
          onChange={setTaken}
          numeric
          error={tried ? takenWrong : undefined}
        />
        <TextField
          label="Keepers"
          value={kept}
          onChange={setKept}
          numeric
          error={tried ? keptWrong : undefined}
        />
      </View>
      <WhileRoom things="counts" count={counts}>
        <Button label="Save count" kind="filled" onPress={onCount} />
      </WhileRoom>
    </View>
  );
}
