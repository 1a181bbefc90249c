import { View } from "react-native";
import { Segmented } from "@/ui/controls/Segmented";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { SumText } from "../reasons/SumText";
import { Button } from "@/ui/controls/Button";
import { lensesInHand, withBody, zoomRange } from "@/answers/shot/kit";
import type { OutingView } from "@/outing/outing-view";
import { focalWords, metresWords, percentWords } from "@/words";
import { editChoice } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";

const NONE = "none";

/** What is mounted, in a line. */
export const mountedWords = ({ rig, found }: OutingView): string => {
  if (!rig) return "nothing fits";
  const glass = rig.converter ? `${rig.lens.name} with ${rig.converter.name}` : rig.lens.name;
  return found ? `${glass}, at ${focalWords(found.sighting.frame.focalLengthMm)}` : glass;
};

/** What is mounted on what: body, lens, converter, support, and where the zoom stands. */
export function KitForShot() {
  const bag = useOuting((v) => v.bag);
  const { store } = useOpenOuting();
  const lenses = useOuting(lensesInHand);
  const shot = useOuting((v) => v.shot);
  const choice = useOuting((v) => v.choice);
  const rig = useOuting((v) => v.rig);
  const commit = useCommit();
  const edit = (what: Parameters<typeof editChoice>[1]) => commit(editChoice(shot.id, what));
  const named = (items: readonly { id: string; name: string }[]) =>
    items.map((i) => ({ key: i.id, label: i.name }));
  return (
    <>
      <Filled />
      <Substituted />
      <Segmented
        label="Lens"
        segments={named(lenses)}
        chosen={rig?.lens.id ?? choice.lensId}
        onChoose={(lensId) => edit({ lensId, focalLengthMm: null })}
      />
      {rig?.lens.takesConverter && (
        <Segmented
          label="Converter"
          segments={[{ key: NONE, label: "No converter" }, ...named(bag.converters)]}
          chosen={rig.converter?.id ?? NONE}
          // Pressed while something else is mounted, it is meant for what is mounted.
          onChoose={(id) =>
            edit({ lensId: rig.lens.id, converterId: id === NONE ? null : id, focalLengthMm: null })
          }
        />
      )}
      <Zoom />
      <Segmented
        label="Body"
        segments={named(bag.bodies)}
        chosen={rig?.body.id ?? choice.bodyId}
        onChoose={(bodyId) => edit(withBody(store.getState().view, bodyId))}
      />
      <Segmented
        label="Support"
        segments={named(bag.supports)}
        chosen={rig?.support.id ?? choice.supportId}
        onChoose={(supportId) => edit({ supportId })}
      />
    </>
  );
}

function Filled() {
  const words = useOuting(({ found, shot }) => {
    if (!found) return undefined;
    const { frame } = found.sighting;
    return `${focalWords(frame.focalLengthMm)} fills ${percentWords(frame.fill)} of the ${shot.along ?? "height"}; ${percentWords(shot.fill)} wanted. The frame is ${metresWords(frame.frameAcross)} wide there.`;
  });
  if (!words) return null;
  return <SumText of="fill" title="How much of the frame it fills" words={words} />;
}

function Substituted() {
  const rig = useOuting((v) => v.rig);
  const notInBag = useOuting((v) => v.notInBag);
  if (notInBag.length === 0 || !rig) return null;
  const used = [rig.body.name, rig.lens.name, rig.converter?.name, rig.support.name.toLowerCase()];
  return (
    <Txt tone="bracken">
      {`Not in the bag: ${notInBag.join(", ")}. Using ${used.filter(Boolean).join(", ")} instead.`}
    </Txt>
  );
}

/** Where a zoom stands; to the fill while nobody holds it. */
function Zoom() {
  const choice = useOuting((v) => v.choice);
  const range = useOuting(zoomRange);
  const focalLengthMm = useOuting((v) => v.found?.sighting.frame.focalLengthMm);
  const commit = useCommit();
  if (!range || focalLengthMm === undefined) return null;
  const zoomTo = (to: number | null) => commit(editChoice(choice.shotId, { focalLengthMm: to }));
  return (
    <View className="flex-row items-end gap-3">
      <NumberField
        key={`${choice.lensId} ${choice.converterId}`}
        label="Focal length"
        unit="mm"
        decimals={0}
        value={focalLengthMm}
        min={Math.round(range.from)}
        max={Math.round(range.to)}
        onChange={zoomTo}
      />
      <View className="flex-1">
        {choice.focalLengthMm === null ? (
          <Txt tone="ink2">Zoomed to your fill.</Txt>
        ) : (
          <Button label="Zoom to the fill" onPress={() => zoomTo(null)} />
        )}
      </View>
    </View>
  );
}
