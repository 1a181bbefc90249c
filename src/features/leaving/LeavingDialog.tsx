import { useState } from "react";
import { View } from "react-native";
import { whatGoes, type Beside } from "@/answers/leaving/what-goes";
import type { Outing } from "@/data";
import { asItLeaves, mindingNests } from "@/outing/leaving/as-it-leaves";
import type { AskedEachTime, Leaving, Way } from "@/outing/leaving/choice";
import { asksOf, FILES, type FileKind } from "@/outing/leaving/files";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Dialog } from "@/ui/controls/Dialog";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { usePlaces } from "../store/places";
import { ASKED_WORDS, goesLines, WAY_WORDS } from "@/words/leaving";

interface Props {
  readonly outing: Outing;
  readonly kind: FileKind;
  /** What is done once it is chosen: "Write the file". */
  readonly action: string;
  /** What would go along by a choice; nothing is beside the record while it is left out. */
  readonly besideOf?: (leaving: Leaving) => Beside;
  readonly onLeave: (leaving: Leaving, left: Outing) => void;
  readonly onClose: () => void;
}

const NOTHING_BESIDE: Beside = { tags: 0, sounds: 0, picture: false };

/** What of an outing goes to somebody else: chosen, and told before it goes. Ticks hold for this time alone. */
export function LeavingDialog({ outing: told, kind, action, besideOf, onLeave, onClose }: Props) {
  const { sightings } = usePlaces();
  const outing = mindingNests(told, sightings);
  const [way, setWay] = useState<Way>("whole");
  const [ticks, setTicks] = useState<readonly AskedEachTime[]>([]);
  const asks = asksOf(kind, way, outing);
  const leaving: Leaving = { way, ticked: ticks.filter((one) => asks.includes(one)) };
  const left = asItLeaves(outing, leaving);
  const goes = whatGoes(outing, left, leaving, besideOf?.(leaving) ?? NOTHING_BESIDE);
  const tick = (one: AskedEachTime) => (isTicked: boolean) =>
    setTicks(isTicked ? [...ticks, one] : ticks.filter((t) => t !== one));
  return (
    <Dialog title="What leaves?" open onClose={onClose}>
      <Segmented
        label="What leaves"
        segments={FILES[kind].ways.map((key) => ({ key, label: WAY_WORDS[key].label }))}
        chosen={way}
        onChoose={setWay}
      />
      <Txt tone="ink2">{WAY_WORDS[way].detail}</Txt>
      {asks.length > 0 && (
        <View>
          <Txt size={14} tone="ink2">
            Left out unless you tick it this time
          </Txt>
          {asks.map((one) => (
            <CheckRow
              key={one}
              title={ASKED_WORDS[one].label}
              detail={ASKED_WORDS[one].detail}
              checked={ticks.includes(one)}
              onChange={tick(one)}
            />
          ))}
        </View>
      )}
      <Txt size={14} tone="ink2">
        So this goes
      </Txt>
      <View role="list" aria-label="What goes" className="gap-1">
        {goesLines(kind, goes).map((line) => (
          <View key={line} role="listitem">
            <Txt weight={600}>{line}</Txt>
          </View>
        ))}
      </View>
      <Button label={action} kind="filled" onPress={() => onLeave(leaving, left)} />
      <Button label="Cancel" kind="plain" onPress={onClose} />
    </Dialog>
  );
}
