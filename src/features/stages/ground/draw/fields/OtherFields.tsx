import { View } from "react-native";
import { ON_GROUND } from "@/answers/plan/kinds";
import { LengthField } from "@/ui/controls/LengthField";
import { NumberField } from "@/ui/controls/NumberField";
import { Picker } from "@/ui/controls/Picker";
import { Segmented } from "@/ui/controls/Segmented";
import { Stepper } from "@/ui/controls/Stepper";
import { TextField } from "@/ui/controls/TextField";
import { drawnKindWords, signedClicks, surfaceWords, trackKindWords } from "@/words";
import { useEdit, type FieldsProps } from "./Common";

const AREA_KINDS = ON_GROUND.areas.map((key) => ({ key, title: drawnKindWords(key) }));
const AS_AROUND = "around";
const SURFACE_ITEMS = [
  { key: AS_AROUND, title: "As the ground about it" },
  ...ON_GROUND.surfaces.map((key) => ({ key, title: surfaceWords(key) })),
];
/** Dense leaves, until somebody looked up (common practice). */
const LEAVES = 0.03;

/** A part of the ground: what it is for, what it is made of. */
export function AreaFields({ at, thing }: FieldsProps<"area">) {
  const edit = useEdit(at);
  return (
    <View className="gap-3">
      <Picker
        label="What it is for"
        items={AREA_KINDS}
        chosen={thing.kind}
        onChoose={(key) => edit({ kind: ON_GROUND.areas.find((kind) => kind === key) ?? thing.kind })}
      />
      <Picker
        label="Made of"
        items={SURFACE_ITEMS}
        chosen={thing.surface ?? AS_AROUND}
        onChoose={(key) => edit({ surface: ON_GROUND.surfaces.find((surface) => surface === key) })}
      />
      {thing.kind === "canopy" && (
        <View className="flex-row">
          <NumberField
            label="Daylight let through"
            unit="%"
            value={100 * (thing.daylightShare ?? LEAVES)}
            min={0}
            max={100}
            onChange={(percent) => edit({ daylightShare: percent / 100 })}
          />
        </View>
      )}
    </View>
  );
}

/** A line along which something runs: what, and how fast. */
export function TrackFields({ at, thing }: FieldsProps<"track">) {
  const edit = useEdit(at);
  return (
    <View className="gap-3">
      <Segmented
        label="Kind of track"
        segments={ON_GROUND.tracks.map((key) => ({ key, label: trackKindWords(key) }))}
        chosen={thing.kind ?? "course"}
        onChoose={(kind) => edit({ kind })}
      />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          label="What runs on it"
          value={thing.runs ?? ""}
          onChange={(runs) => edit({ runs: runs.slice(0, 80) || undefined })}
        />
        <NumberField
          label="Speed (0 where unknown)"
          unit="m/s"
          value={thing.speed ?? 0}
          min={0}
          max={120}
          onChange={(speed) => edit({ speed: speed < 0.01 ? undefined : speed })}
        />
        <LengthField
          label="Height above the ground"
          value={thing.height ?? 0}
          min={0}
          max={200}
          onChange={(height) => edit({ height: height === 0 ? undefined : height })}
        />
      </View>
    </View>
  );
}

/** Light that differs: by how many clicks, and in which light. */
export function ZoneFields({ at, thing }: FieldsProps<"zone">) {
  const edit = useEdit(at);
  return (
    <View className="gap-3">
      <Stepper
        label="Against the ground about it"
        value={thing.offsetClicks}
        words={`${signedClicks(thing.offsetClicks)} stops`}
        min={-12}
        max={12}
        onChange={(offsetClicks) => edit({ offsetClicks })}
      />
      <Segmented
        label="Holds for"
        segments={[
          { key: "lamps", label: "The lamps alone" },
          { key: "all", label: "Daylight and lamps" },
        ]}
        chosen={thing.holdsFor ?? "lamps"}
        onChoose={(holdsFor) => edit({ holdsFor })}
      />
    </View>
  );
}

/** A window: how large, how high, which way it looks. */
export function WindowFields({ at, thing }: FieldsProps<"window">) {
  const edit = useEdit(at);
  return (
    <View className="flex-row flex-wrap gap-3">
      <LengthField
        label="Width"
        value={thing.width}
        min={0.1}
        max={100}
        onChange={(width) => edit({ width })}
      />
      <LengthField
        label="Height"
        value={thing.height}
        min={0.1}
        max={50}
        onChange={(height) => edit({ height })}
      />
      <LengthField label="Sill" value={thing.sill} min={0} max={60} onChange={(sill) => edit({ sill })} />
      <NumberField
        label="Looks out to"
        unit="°"
        value={thing.facing}
        min={0}
        max={359.9}
        onChange={(facing) => edit({ facing })}
      />
    </View>
  );
}
