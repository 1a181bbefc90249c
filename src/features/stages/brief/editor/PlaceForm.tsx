import { useMemo } from "react";
import { z } from "zod";
import { KINDS, name, timeZone } from "@/data";
import { kindWords } from "@/words";
import type { FieldSpec } from "../../../forms/field-spec";
import { FromHere } from "../../../forms/FromHere";
import { RecordForm } from "../../../forms/RecordForm";
import { placeFields, placeShape } from "../../../forms/when-and-where";
import { timeZoneOf } from "../../../forms/time-zone-of";
import { useCommit, useOuting } from "../../../outing/use-outing";

interface Props {
  readonly onClose: () => void;
}

const PLACE: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  {
    kind: "choice",
    key: "kind",
    label: "Kind",
    choices: KINDS.map((key) => ({ key, label: kindWords(key) })),
  },
  { kind: "text", key: "sport", label: "Sport or subject" },
  { kind: "text", key: "place", label: "Place" },
  ...placeFields(),
  { kind: "length", key: "elevation", label: "Above the sea", min: -500, max: 9000 },
  {
    kind: "text",
    key: "timeZone",
    label: "Time zone",
    hint: "Found from the coordinates unless you write another.",
  },
];
const placeSchema = z.object({
  name,
  kind: z.enum(KINDS),
  sport: name,
  place: name,
  ...placeShape,
  elevation: z.number(),
  timeZone: z.union([z.literal(""), timeZone]),
});

/** Name, kind and place. The wall times stay when the place moves. */
export function PlaceForm({ onClose }: Props) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const { anchor } = outing.ground;
  const record = useMemo(
    () => ({
      name: outing.name,
      kind: outing.kind,
      sport: outing.sport,
      place: outing.place,
      ...anchor,
      timeZone: outing.timeZone,
    }),
    [outing.name, outing.kind, outing.sport, outing.place, outing.timeZone, anchor],
  );
  return (
    <RecordForm
      specs={PLACE}
      record={record}
      schema={placeSchema}
      save="Save"
      onCancel={onClose}
      before={({ set }) => <FromHere set={set} />}
      onSave={({ latitude, longitude, elevation, timeZone, ...rest }) => {
        const moved = latitude !== anchor.latitude || longitude !== anchor.longitude;
        const found = timeZone === "" || (moved && timeZone === outing.timeZone);
        commit((s) => ({
          ...s,
          ...rest,
          timeZone: found ? timeZoneOf(latitude, longitude) : timeZone,
          ground: {
            ...s.ground,
            anchor: { latitude, longitude, elevation, ...(!moved && anchor.assumed && { assumed: true }) },
          },
        }));
        onClose();
      }}
    />
  );
}
