import { View } from "react-native";
import { onPlan } from "@/answers/plan/drawing";
import { ON_GROUND } from "@/answers/plan/kinds";
import type { WayOfBeing } from "@/core/ground";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { Stepper } from "@/ui/controls/Stepper";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { metresWords, wayWords } from "@/words";
import { useHere } from "../../../../forms/use-here";
import { useOuting } from "../../../../outing/use-outing";
import { useEdit, type FieldsProps } from "./Common";

/** Height in metres at which a lens usually is, by how one is there (common practice). */
const LENS_HEIGHTS: Readonly<Record<WayOfBeing, number>> = {
  standing: 1.6,
  kneeling: 1,
  lying: 0.3,
  step: 2.1,
  tier: 3,
  tower: 6,
  car: 1.3,
  hide: 1.1,
  "in-water": 0.3,
  window: 1.5,
};
/** Openings that one looks out of, metres, until they are measured (common practice). */
const OPENINGS = {
  hide: { width: 0.4, below: 0.1, above: 0.1, back: 0.15 },
  car: { width: 0.9, below: 0.15, above: 0.35, back: 0.2 },
} as const;
/** How far off the device says it may be before that is said as a warning: metres. */
const ROUGH = 8;

const WAYS = ON_GROUND.waysOfBeing.map((key) => ({
  key,
  title: wayWords(key),
  detail: `lens at ${metresWords(LENS_HEIGHTS[key])}`,
}));

/** Where the photographer is: how, how high, what limits the view, what glass is in the way. */
export function PositionThingFields({ at, thing }: FieldsProps<"position">) {
  const edit = useEdit(at);
  const spotBearing = useOuting((v) =>
    Math.round(v.found?.sighting.bearing ?? v.outing.ground.venue.bearing),
  );
  const { slit, pane } = thing;
  const opening = thing.way === "car" ? OPENINGS.car : OPENINGS.hide;
  const newSlit = {
    facing: spotBearing % 360,
    width: opening.width,
    sill: Math.max(0, thing.lensHeight - opening.below),
    top: thing.lensHeight + opening.above,
    back: opening.back,
  };
  return (
    <View className="gap-3">
      <StandHere at={at} thing={thing} />
      <Picker
        label="How you are there"
        items={WAYS}
        chosen={thing.way ?? (thing.lensHeight < 1.3 ? "kneeling" : "standing")}
        onChoose={(key) => {
          const way = ON_GROUND.waysOfBeing.find((w) => w === key);
          if (way) edit({ way, lensHeight: LENS_HEIGHTS[way] });
        }}
      />
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Lens height"
          value={thing.lensHeight}
          min={0.05}
          max={60}
          decimals={2}
          onChange={(lensHeight) => edit({ lensHeight })}
        />
        <GroundHeight value={thing.groundHeight} onChange={(groundHeight) => edit({ groundHeight })} />
      </View>
      <CheckRow
        title="Through a slit or a window opening"
        detail="it limits which way and how steeply you can look"
        checked={slit !== undefined}
        onChange={(on) => edit({ slit: on ? newSlit : undefined })}
      />
      {slit && <SlitFields slit={slit} onChange={(next) => edit({ slit: next })} />}
      <Stepper
        label="Panes of glass between"
        value={pane?.sheets ?? 0}
        words={pane ? `${pane.sheets}, ${2 * pane.sheets} surfaces` : "none"}
        min={0}
        max={3}
        onChange={(sheets) =>
          edit({ pane: sheets === 0 ? undefined : { sheets, facing: pane?.facing ?? spotBearing % 360 } })
        }
      />
      {pane && (
        <View className="flex-row">
          <NumberField
            label="Pane looks to"
            unit="°"
            value={pane.facing}
            min={0}
            max={359.9}
            onChange={(facing) => edit({ pane: { ...pane, facing } })}
          />
        </View>
      )}
    </View>
  );
}

type Slit = NonNullable<FieldsProps<"position">["thing"]["slit"]>;

/** The opening that one looks out of. */
const SlitFields = ({ slit, onChange }: { slit: Slit; onChange: (slit: Slit) => void }) => (
  <View className="flex-row flex-wrap gap-3">
    <NumberField
      label="Looks to"
      unit="°"
      value={slit.facing}
      min={0}
      max={359.9}
      onChange={(facing) => onChange({ ...slit, facing })}
    />
    <LengthField
      label="Width of the slit"
      value={slit.width}
      min={0.02}
      max={20}
      decimals={2}
      onChange={(width) => onChange({ ...slit, width })}
    />
    <LengthField
      label="Sill"
      value={slit.sill}
      min={0}
      max={slit.top - 0.01}
      decimals={2}
      onChange={(sill) => onChange({ ...slit, sill })}
    />
    <LengthField
      label="Upper edge"
      value={slit.top}
      min={slit.sill + 0.01}
      max={60}
      decimals={2}
      onChange={(top) => onChange({ ...slit, top })}
    />
    <LengthField
      label="Lens behind it by"
      value={slit.back}
      min={0}
      max={5}
      decimals={2}
      onChange={(back) => onChange({ ...slit, back })}
    />
  </View>
);

/** The position moved to where the device says it is, with how far off that may be. */
function StandHere({ at, thing }: FieldsProps<"position">) {
  const edit = useEdit(at);
  const anchor = useOuting((v) => v.outing.ground.anchor);
  const toast = useToast();
  const { ask, asking, trouble } = useHere((here) => {
    const before = thing.at;
    edit({ at: onPlan(anchor, here) });
    const off = here.accuracy === undefined ? "" : `, to within ${metresWords(here.accuracy)}`;
    const rough = (here.accuracy ?? 0) > ROUGH ? " Wait in the open for a better fix, or drag it." : "";
    toast({ words: `${thing.name} is where you stand${off}.${rough}`, undo: () => edit({ at: before }) });
  });
  return (
    <View className="gap-1">
      <Button label={asking ? "Asking the device …" : "I stand here"} disabled={asking} onPress={ask} />
      {trouble && (
        <Txt size={14} tone="bracken" role="alert">
          {trouble}
        </Txt>
      )}
    </View>
  );
}

/** Height of the ground at a place; left to the banks on the plan until it is typed. */
function GroundHeight({
  value,
  onChange,
}: {
  value: number | undefined;
  onChange: (value: number | undefined) => void;
}) {
  return (
    <LengthField
      label="Ground there above the plan"
      value={value ?? 0}
      min={-200}
      max={200}
      decimals={2}
      onChange={(height) => onChange(height === 0 ? undefined : height)}
    />
  );
}

/** Where it happens: how high, which way it faces and goes, what happens, which light zone. */
export function SpotThingFields({ at, thing }: FieldsProps<"spot">) {
  const edit = useEdit(at);
  const zones = useOuting((v) => v.outing.ground.zones);
  const { heading } = thing;
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-3">
        <LengthField
          label="Aim height"
          value={thing.aimHeight}
          min={0}
          max={60}
          decimals={2}
          onChange={(aimHeight) => edit({ aimHeight })}
        />
        <NumberField
          label="Faces"
          unit="°"
          value={thing.facing}
          min={0}
          max={359.9}
          decimals={0}
          onChange={(facing) => edit({ facing })}
        />
        <GroundHeight value={thing.groundHeight} onChange={(groundHeight) => edit({ groundHeight })} />
      </View>
      <CheckRow
        title="Goes another way than it faces"
        checked={heading !== undefined}
        onChange={(on) => edit({ heading: on ? thing.facing : undefined })}
      />
      {heading !== undefined && (
        <View className="flex-row">
          <NumberField
            label="Heads to"
            unit="°"
            value={heading}
            min={0}
            max={359.9}
            decimals={0}
            onChange={(to) => edit({ heading: to })}
          />
        </View>
      )}
      <View className="flex-row">
        <TextField
          label="What happens here"
          value={thing.happens ?? ""}
          onChange={(happens) => edit({ happens: happens.slice(0, 200) || undefined })}
        />
      </View>
      <Picker
        label="Light zone"
        items={zones.map((z) => ({ key: z.id, title: z.name }))}
        chosen={thing.zoneId}
        onChoose={(zoneId) => edit({ zoneId })}
      />
    </View>
  );
}
