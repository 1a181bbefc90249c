import { View } from "react-native";
import { Segmented } from "@/ui/controls/Segmented";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { Button } from "@/ui/controls/Button";
import type { Assessment } from "@/core/judge";
import { effectiveLens } from "@/core/optics";
import { focalWords, metresWords, percentWords } from "@/words";
import { editChoice } from "@/outing/edits";
import { useOuting } from "./outing-context";

const NONE = "none";

/** What is mounted on what: body, lens, converter, support, and where the zoom stands. */
export function KitSection({ found }: { found: Assessment | undefined }) {
  const { bag, shot, choice, rig, notInBag, change } = useOuting();
  const edit = (what: Parameters<typeof editChoice>[1]) => change(editChoice(shot.id, what));
  const named = (items: readonly { id: string; name: string }[]) =>
    items.map((i) => ({ key: i.id, label: i.name }));
  const range = rig && effectiveLens(rig);
  const frame = found?.sighting.frame;
  return (
    <View className="gap-4">
      <Txt size={18} weight={700} role="heading" aria-level={3}>
        Kit for this shot
      </Txt>
      {frame && (
        <Txt>
          {`${focalWords(frame.focalLengthMm)} fills ${percentWords(frame.fill)} of the ${shot.along ?? "height"}; ${percentWords(shot.fill)} wanted. The frame is ${metresWords(frame.frameAcross)} wide there.`}
        </Txt>
      )}
      {notInBag.length > 0 && rig && (
        <Txt tone="bracken">
          {`Not in the bag: ${notInBag.join(", ")}. Using ${rig.body.name}, ${rig.lens.name}${rig.converter ? `, ${rig.converter.name}` : ""}, ${rig.support.name.toLowerCase()} instead.`}
        </Txt>
      )}
      <Segmented
        label="Lens"
        segments={named(bag.lenses)}
        chosen={rig?.lens.id ?? choice.lensId}
        onChoose={(lensId) => edit({ lensId, focalLengthMm: null })}
      />
      {rig?.lens.takesConverter && (
        <Segmented
          label="Converter"
          segments={[{ key: NONE, label: "No converter" }, ...named(bag.converters)]}
          chosen={rig.converter?.id ?? NONE}
          onChoose={(id) => edit({ converterId: id === NONE ? null : id, focalLengthMm: null })}
        />
      )}
      {range && frame && range.minFocalLengthMm < range.maxFocalLengthMm && (
        <View className="flex-row items-end gap-3">
          <NumberField
            key={`${choice.lensId} ${choice.converterId}`}
            label="Focal length"
            unit="mm"
            decimals={0}
            value={frame.focalLengthMm}
            min={Math.round(range.minFocalLengthMm)}
            max={Math.round(range.maxFocalLengthMm)}
            onChange={(focalLengthMm) => edit({ focalLengthMm })}
          />
          <View className="flex-1">
            {choice.focalLengthMm === null ? (
              <Txt tone="ink2">Zoomed to your fill.</Txt>
            ) : (
              <Button label="Zoom to the fill" onPress={() => edit({ focalLengthMm: null })} />
            )}
          </View>
        </View>
      )}
      <Segmented
        label="Body"
        segments={named(bag.bodies)}
        chosen={rig?.body.id ?? choice.bodyId}
        onChoose={(bodyId) => edit({ bodyId })}
      />
      <Segmented
        label="Support"
        segments={named(bag.supports)}
        chosen={rig?.support.id ?? choice.supportId}
        onChoose={(supportId) => edit({ supportId })}
      />
    </View>
  );
}
