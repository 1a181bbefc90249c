import { View } from "react-native";
import { softer } from "@/answers/frame/softer";
import type { Lever } from "@/core/judge";
import { Stretch, type StretchScale } from "@/ui/charts/Stretch";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { isSofter, leverDetail, leverGain, leverTitle } from "@/words";
import { editChoice, editSpot, lockRails, movePosition, type Edit } from "@/outing/edits";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";

/** How many times softer, from a third to ten times; what is plain lies at its end. */
const TIMES: StretchScale = {
  kind: "log",
  from: 0.33,
  until: 10,
  ticks: [
    { at: 0.5, words: "half" },
    { at: 1, words: "as now" },
    { at: 2, words: "twice" },
    { at: 4, words: "4 times" },
    { at: 10, words: "10 times" },
  ],
};

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
      {levers.map((lever, i) => (
        <Row
          key={lever.code}
          title={leverTitle(lever)}
          detail={leverDetail(lever)}
          value={leverGain(lever)}
          valueTone={isSofter(lever) ? "moss" : "ink2"}
          under={
            <Stretch
              scale={TIMES}
              bands={[
                {
                  from: 1,
                  until: lever.gain === "plain" ? TIMES.until : lever.gain,
                  tone: isSofter(lever) ? "water" : "ink2",
                },
              ]}
              isWritten={i === levers.length - 1}
            />
          }
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
