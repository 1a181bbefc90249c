import DownIcon from "lucide-react-native/icons/chevron-down";
import { useState } from "react";
import { Pressable, View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Message } from "@/ui/controls/Message";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { noPictureSentence } from "@/words";
import { editChoice } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";
import { NotInBag } from "./NotInBag";
import { ShotList } from "./ShotList";
import { shotTitle, timeNote } from "./titles";

/** Which shot from where, at which minute; a press lists the promised shots. */
export function ShotInHand() {
  const title = useOuting(shotTitle);
  const [open, setOpen] = useState(false);
  const { water } = useTokens();
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${title}. Choose another shot`}
        onPress={() => setOpen(true)}
        className="min-h-12 flex-row items-center justify-between gap-2 active:opacity-70"
      >
        <View className="min-w-0 flex-1 flex-row flex-wrap items-baseline gap-x-2">
          <Txt size={20} weight={700} role="heading" aria-level={2}>
            {title}
          </Txt>
          <Time />
        </View>
        <DownIcon size={24} color={water} />
      </Pressable>
      <NotInBag />
      <Dialog title="Which shot" open={open} onClose={() => setOpen(false)}>
        <StandAt />
        <ShotList onTaken={() => setOpen(false)} />
      </Dialog>
    </>
  );
}

/** The minute that all figures are of. */
function Time() {
  return <Txt tone="ink2">{useOuting(timeNote)}</Txt>;
}

/** From which position it is looked at, and, where another is planned, the way to plan this one. */
export function StandAt() {
  const positions = useOuting((v) => v.outing.ground.positions);
  const shot = useOuting((v) => v.shot);
  const here = useOuting((v) => v.position);
  const plannedId = useOuting((v) => v.choice.positionId);
  const { standAt } = useOpenOuting();
  const commit = useCommit();
  const planned = positions.find((p) => p.id === plannedId);
  return (
    <View className="gap-2">
      <Segmented
        label="Stand at"
        segments={positions.map((p) => ({ key: p.id, label: p.name }))}
        chosen={here?.id ?? ""}
        onChoose={standAt}
      />
      {here && planned && here.id !== planned.id && (
        <View className="flex-row flex-wrap items-center justify-between gap-2">
          <Txt tone="ink2">{`Planned from ${planned.name}.`}</Txt>
          <Button
            label={`Plan it from ${here.name}`}
            onPress={() => commit(editChoice(shot.id, { positionId: here.id }))}
          />
        </View>
      )}
    </View>
  );
}

/** What stands in the place of figures while there is no picture: why, and what to do. */
export function NoPicture() {
  const body = useOuting(({ rig, inHand, shot }) => {
    if (!rig) return "The kit no longer has what this shot names. Choose a body and a lens below.";
    if (inHand && !inHand.ok) return noPictureSentence(inHand);
    return `Choose where to stand for “${shot.name}”.`;
  });
  return (
    <View className="gap-3">
      <Message title="No picture yet" body={body} />
      <StandAt />
    </View>
  );
}
