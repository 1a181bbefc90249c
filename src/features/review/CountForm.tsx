import { useState } from "react";
import { View } from "react-native";
import { SCALE, type Settings } from "@/core/exposure";
import { Button } from "@/ui/controls/Button";
import { Stepper } from "@/ui/controls/Stepper";
import { TextField } from "@/ui/controls/TextField";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { apertureWords, isoWords, readNumber, shutterWords } from "@/words";
import { addSeries, removeSeries } from "../stage/edits";
import { useOuting } from "../stage/outing-context";

const MOST = 99999;
/** 1/1000, f/2.8, ISO 1600: where there is no picture to take them from. */
const USUAL: Settings = { shutter: 30, aperture: 9, iso: 12 };

const whole = (text: string, least: number): number | undefined => {
  const value = readNumber(text);
  return value !== undefined && Number.isInteger(value) && value >= least && value <= MOST
    ? value
    : undefined;
};

/** Frames and keepers of the shot in hand at the settings that were used; the field card's to begin with. */
export function CountForm() {
  const { shot, inHand, change, shoot } = useOuting();
  const toast = useToast();
  const suggested = inHand?.ok ? inHand.settings.settings : USUAL;
  const [used, setUsed] = useState<Settings>();
  const [taken, setTaken] = useState("");
  const [kept, setKept] = useState("");
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
    const before = new Set(shoot.log.map((s) => s.id));
    change(addSeries({ shotId: shot.id, settings, taken: frames, kept: keepers }));
    setTaken("");
    setKept("");
    setTried(false);
    toast({
      words: `${keepers} of ${frames} counted`,
      undo: () =>
        change((s) => s.log.filter((l) => !before.has(l.id)).reduce((t, l) => removeSeries(l.id)(t), s)),
    });
  };
  const step = (rail: keyof Settings) => (click: number) => setUsed({ ...settings, [rail]: click });
  return (
    <View className="gap-3" role="group" aria-label="Count frames">
      <Txt size={18} weight={700} role="heading" aria-level={3}>
        Count what came out
      </Txt>
      <Stepper
        label="Shutter used"
        value={settings.shutter}
        words={shutterWords(settings.shutter)}
        min={SCALE.shutter.first}
        max={SCALE.shutter.last}
        onChange={step("shutter")}
      />
      <Stepper
        label="Aperture used"
        value={settings.aperture}
        words={apertureWords(settings.aperture)}
        min={SCALE.aperture.first}
        max={SCALE.aperture.last}
        onChange={step("aperture")}
      />
      <Stepper
        label="ISO used"
        value={settings.iso}
        words={isoWords(settings.iso)}
        min={SCALE.iso.first}
        max={SCALE.iso.last}
        onChange={step("iso")}
      />
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
      <Button label="Count them" kind="filled" onPress={onCount} />
    </View>
  );
}
