import DownIcon from "lucide-react-native/icons/chevron-down";
import { useState } from "react";
import { Pressable, View } from "react-native";
import { Dialog } from "@/ui/controls/Dialog";
import { Message } from "@/ui/controls/Message";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { noPictureSentence } from "@/words";
import { editChoice } from "@/outing/edits";
import { NotInBag } from "./NotInBag";
import { useOuting } from "./outing-context";
import { ShotList } from "./ShotList";

/** Which shot from where, at which minute; a press lists the promised shots. */
export function ShotInHand() {
  const { outing, shot, choice, wall, at, live } = useOuting();
  const [open, setOpen] = useState(false);
  const { water } = useTokens();
  const place = outing.ground.positions.find((p) => p.id === choice.positionId);
  const title = `${shot.name}${place ? ` from ${place.name}` : ""}`;
  const time = live ? `now ${wall(at)}` : `planned for ${wall(at)}`;
  return (
    <>
      <Pressable
        role="button"
        aria-label={`${title}, ${time}. Choose another shot`}
        onPress={() => setOpen(true)}
        className="min-h-12 flex-row items-center justify-between gap-2 active:opacity-70"
      >
        <View className="min-w-0 flex-1 flex-row flex-wrap items-baseline gap-x-2">
          <Txt size={20} weight={700} role="heading" aria-level={2}>
            {title}
          </Txt>
          <Txt tone="ink2">{time}</Txt>
        </View>
        <DownIcon size={24} color={water} />
      </Pressable>
      <NotInBag />
      <Dialog title="Which shot" open={open} onClose={() => setOpen(false)}>
        <PlaceChoice />
        <ShotList />
      </Dialog>
    </>
  );
}

function PlaceChoice() {
  const { outing, shot, choice, change } = useOuting();
  return (
    <Segmented
      label={`Position for ${shot.name}`}
      segments={outing.ground.positions.map((p) => ({ key: p.id, label: p.name }))}
      chosen={choice.positionId ?? ""}
      onChoose={(positionId) => change(editChoice(shot.id, { positionId }))}
    />
  );
}

/** What stands in the place of figures while there is no picture: why, and what to do. */
export function NoPlace() {
  const { inHand, rig, shot } = useOuting();
  const body = !rig
    ? "The kit no longer has what this shot names. Choose a body and a lens below."
    : inHand && !inHand.ok
      ? noPictureSentence(inHand)
      : `Choose where to stand for “${shot.name}”.`;
  return (
    <View className="gap-3">
      <ShotInHand />
      <Message title="No picture yet" body={body} />
      <PlaceChoice />
    </View>
  );
}
