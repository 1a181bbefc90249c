import { automaticOf } from "@/answers/shot/automatic";
import { meterPreset } from "@/answers/shot/meter";
import { View } from "react-native";
import { fillings } from "@/answers/library/meter-sees";
import { letIsoFollow } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Picker } from "@/ui/controls/Picker";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { automaticReachSentence, automaticSentence, compensationWords, signedClicks } from "@/words";
import { useCommit, useOuting } from "../../../outing/use-outing";

const MOST_COMPENSATION = 15;
const SEES = fillings().map(({ id, name, reflectance }) => ({
  key: id,
  title: name,
  detail: `throws back ${Math.round(100 * reflectance)} %`,
}));

/** ISO left to the body: what it will choose, what its meter takes wrongly, and between which light it can follow. */
export function AutomaticIso() {
  const shotId = useOuting((v) => v.choice.shotId);
  const automatic = useOuting((v) => v.choice.automatic);
  const commit = useCommit();
  const set = (to: typeof automatic): void => void commit(letIsoFollow(shotId, to));
  const found = useOuting(automaticOf);
  const preset = useOuting(meterPreset);
  return (
    <View>
      <CheckRow
        title="Leave the ISO to the body"
        checked={automatic !== undefined}
        onChange={(on) => set(on ? { compensation: 0, sees: preset } : undefined)}
      />
      {automatic && found && (
        <View className="gap-2 pb-2">
          <Txt
            size={20}
            weight={700}
            tone={Math.abs(found.pictureOff) <= 1 ? "ink" : "bracken"}
            aria-live="polite"
          >
            {automaticSentence(found)}
          </Txt>
          <Picker
            label="What fills the frame for the meter"
            items={SEES}
            chosen={SEES.some(({ key }) => key === automatic.sees) ? automatic.sees : SEES[0]!.key}
            onChoose={(sees) => set({ ...automatic, sees })}
          />
          <Stepper
            label="Compensation"
            value={automatic.compensation}
            words={compensationWords(automatic.compensation)}
            min={-MOST_COMPENSATION}
            max={MOST_COMPENSATION}
            onChange={(compensation) => set({ ...automatic, compensation })}
          />
          {found.advised !== automatic.compensation && (
            <Button
              label={`Set ${signedClicks(found.advised)} for it`}
              onPress={() => set({ ...automatic, compensation: found.advised })}
            />
          )}
          <Txt size={14} tone="ink2">
            {automaticReachSentence(found)}
          </Txt>
        </View>
      )}
    </View>
  );
}
