import { View } from "react-native";
import { softer } from "@/answers/frame/softer";
import type { Lever } from "@/core/judge";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { leverDetail, leverGain, leverTitle } from "@/words";
import { editChoice, editSpot, lockRails, movePosition, type Edit } from "@/outing/edits";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";

/** What makes the background softer from here, the strongest first, each with its gain in the same figure; a press tries it. */
export function Softer() {
  const levers = useOuting(softer);
  const position = useOuting((v) => v.position);
  const shot = useOuting((v) => v.shot);
  const choice = useOuting((v) => v.choice);
  const told = useToldChange();
  if (!position) return null;
  const tryIt = async ({ change, code }: Lever): Promise<void> => {
    const { at, lensHeight, aperture, spotAt, rig } = change;
    const edit: Edit = (outing) => {
      let next = outing;
      if (at) next = movePosition(position.id, { at })(next);
      if (lensHeight !== undefined) next = movePosition(position.id, { lensHeight })(next);
      if (spotAt) next = editSpot(shot.spotId, { at: spotAt })(next);
      if (aperture !== undefined) next = lockRails(shot.id, { ...choice.locked, aperture })(next);
      if (rig)
        next = editChoice(shot.id, {
          bodyId: rig.body.id,
          lensId: rig.lens.id,
          converterId: rig.converter?.id ?? null,
          focalLengthMm: null,
        })(next);
      return next;
    };
    await told(edit, `Tried: ${leverTitle({ code }).toLowerCase()}`);
  };
  if (levers.length === 0) return <Txt>The background is plain: nothing in it is left to soften.</Txt>;
  return (
    <View>
      {levers.map((lever) => (
        <Row
          key={lever.code}
          title={leverTitle(lever)}
          detail={leverDetail(lever)}
          value={leverGain(lever)}
          valueTone={lever.gain === "plain" || lever.gain > 1.02 ? "moss" : "ink2"}
          onPress={() => void tryIt(lever)}
        />
      ))}
      <Txt size={14} tone="ink2" className="pt-2">
        How many times softer what stands behind then reads, by how far a detail of it is blurred over its own
        size.
      </Txt>
    </View>
  );
}
