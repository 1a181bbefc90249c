import { useMemo, useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import { newId, sightingSchema, SIGHTING_KINDS, type Place } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { sightingKindWords } from "@/words/place-kept";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { useEditPlaces } from "../store/places";

const typedSchema = sightingSchema.omit({ wind: true }).extend({
  windFrom: z.number().min(0).max(360).optional(),
  windSpeed: z.number().min(0).max(60).optional(),
});

const specsOf = (place: Place): readonly FieldSpec[] => [
  { kind: "text", key: "name", label: "Animal" },
  {
    kind: "choice",
    key: "what",
    label: "What",
    choices: SIGHTING_KINDS.map((key) => ({ key, label: sightingKindWords(key) })),
  },
  { kind: "date", key: "on", label: "Day" },
  { kind: "time", key: "at", label: "Time", optional: true },
  {
    kind: "choice",
    key: "spotId",
    label: "At",
    optional: true,
    choices: [
      { key: "", label: "nowhere drawn" },
      ...place.ground.spots.map((s) => ({ key: s.id, label: s.name })),
    ],
  },
  { kind: "number", key: "count", label: "How many", min: 1, max: 1_000_000, decimals: 0, optional: true },
  {
    kind: "number",
    key: "windFrom",
    label: "Wind from",
    unit: "°",
    min: 0,
    max: 359,
    decimals: 0,
    optional: true,
  },
  { kind: "number", key: "windSpeed", label: "Wind speed", unit: "m/s", min: 0, max: 60, optional: true },
  {
    kind: "number",
    key: "afterHighWater",
    label: "Minutes after high water",
    hint: "Before it: below 0",
    min: -780,
    max: 780,
    decimals: 0,
    optional: true,
  },
  {
    kind: "length",
    key: "keepOff",
    label: "Kept off, of a nest or a den",
    hint: "A hundred metres where nothing is told",
    min: 0,
    max: 2000,
    optional: true,
  },
  { kind: "text", key: "note", label: "Note", lines: 2 },
];

interface Props {
  readonly place: Place;
  /** YYYY-MM-DD. */
  readonly today: string;
}

/** What was seen at a place is put down: animal, what it did, day, spot, wind and water. */
export function AddSighting({ place, today }: Props) {
  const [isOpen, setOpen] = useState(false);
  const edit = useEditPlaces();
  const specs = useMemo(() => specsOf(place), [place]);
  const begun = useMemo(
    () => ({
      id: newId(),
      placeId: place.id,
      name: "",
      what: "seen",
      on: today,
      spotId: place.ground.spots[0]?.id,
    }),
    // A new one each time the form is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [place, today, isOpen],
  );
  const onSave = async ({
    windFrom,
    windSpeed,
    ...sighting
  }: z.infer<typeof typedSchema>): Promise<boolean> => {
    const wind =
      windFrom !== undefined && windSpeed !== undefined
        ? { from: windFrom % 360, speed: windSpeed }
        : undefined;
    const isKept = await edit((now) => ({
      ...now,
      sightings: [...now.sightings, { ...sighting, ...(wind && { wind }) }],
    }));
    if (isKept) setOpen(false);
    return isKept;
  };
  return (
    <View>
      <Button label="Put down what was seen" kind="filled" onPress={() => setOpen(true)} />
      <Dialog title="What was seen" open={isOpen} onClose={() => setOpen(false)}>
        {isOpen && (
          <RecordForm
            specs={specs}
            record={begun}
            schema={typedSchema}
            save="Keep it"
            onSave={onSave}
            onCancel={() => setOpen(false)}
          />
        )}
      </Dialog>
    </View>
  );
}
