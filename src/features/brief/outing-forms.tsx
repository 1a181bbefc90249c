import { useMemo } from "react";
import { z } from "zod";
import { instantOf, KINDS, name, words, zone, type Outing } from "@/data";
import { useToast } from "@/ui/controls/toast";
import { LEAVE_KINDS, venueParts, venueTemplate } from "@/core/ground";
import { kindWords, leaveWords } from "@/words";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { inOneDay, placeFields, placeShape, WINDOW_FIELDS, windowShape } from "../forms/when-and-where";
import { FromHere } from "../home/FromHere";
import { zoneOf } from "../home/zone-of";
import { editOuting } from "@/outing/edits";
import type { OutingState } from "../stage/outing-context";

/** The outing comes as a prop: these forms are loaded apart from the stages and what they compute with. */
interface Props {
  readonly state: Pick<OutingState, "outing" | "change">;
  readonly onClose: () => void;
}

const whenSchema = inOneDay(z.object(windowShape));

/** Lamps that were alight from the beginning still are when the window moves. */
function litThrough({ light: { lamps }, from }: Outing, when: Pick<Outing, "from">) {
  return lamps && lamps.from === from ? { ...lamps, from: when.from } : lamps;
}

/** Date and window. The minute that is looked at stays inside. */
export function WhenForm({ state: { outing, change }, onClose }: Props) {
  const toast = useToast();
  const record = useMemo(
    () => ({ date: outing.date, from: outing.from, starts: outing.starts, until: outing.until }),
    [outing.date, outing.from, outing.starts, outing.until],
  );
  return (
    <RecordForm
      specs={WINDOW_FIELDS}
      record={record}
      schema={whenSchema}
      save="Save"
      onCancel={onClose}
      onSave={(when) => {
        change((s) => ({
          ...s,
          ...when,
          light: { ...s.light, lamps: litThrough(s, when) },
          plannedAt: s.plannedAt >= when.from && s.plannedAt <= when.until ? s.plannedAt : when.starts,
        }));
        onClose();
        const odd = [when.from, when.starts, when.until].find(
          (t) => instantOf(when.date, t, outing.zone).odd,
        );
        if (odd)
          toast({ words: `The clocks change that day: ${odd} is taken by the time before the change.` });
      }}
    />
  );
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
    key: "zone",
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
  zone: z.union([z.literal(""), zone]),
});

/** Name, kind and place. The wall times stay when the place moves. */
export function PlaceForm({ state: { outing, change }, onClose }: Props) {
  const { anchor } = outing.ground;
  const record = useMemo(
    () => ({
      name: outing.name,
      kind: outing.kind,
      sport: outing.sport,
      place: outing.place,
      ...anchor,
      zone: outing.zone,
    }),
    [outing.name, outing.kind, outing.sport, outing.place, outing.zone, anchor],
  );
  return (
    <RecordForm
      specs={PLACE}
      record={record}
      schema={placeSchema}
      save="Save"
      onCancel={onClose}
      before={({ set }) => <FromHere set={set} />}
      onSave={({ latitude, longitude, elevation, zone, ...rest }) => {
        const moved = latitude !== anchor.latitude || longitude !== anchor.longitude;
        const found = zone === "" || (moved && zone === outing.zone);
        change((s) => ({
          ...s,
          ...rest,
          zone: found ? zoneOf(latitude, longitude) : zone,
          ground: { ...s.ground, anchor: { latitude, longitude, elevation } },
        }));
        onClose();
      }}
    />
  );
}

const ACCESS: readonly FieldSpec[] = [
  { kind: "text", key: "allowedBy", label: "Who lets you in" },
  { kind: "text", key: "mayStand", label: "Where you may stand", lines: 2 },
  { kind: "text", key: "fallBack", label: "Fallback, if that falls through", lines: 2 },
];
const accessSchema = z.object({
  allowedBy: words(120),
  mayStand: words(200),
  fallBack: words(200),
  leave: z.partialRecord(z.enum(LEAVE_KINDS), z.stringbool()),
});

/** The parts of a venue that are stood on by leave alone, each with who gives it. */
function leaveSpecs(template: string): FieldSpec[] {
  const venue = venueTemplate(template);
  if (!venue.ok) return [];
  const kinds = new Set(venueParts(template).map((part) => part.kind));
  return LEAVE_KINDS.filter((kind) => kinds.has(kind)).map((kind) => ({
    kind: "choice",
    key: `leave.${kind}`,
    label: leaveWords(kind, venue.value.official),
    choices: [
      { key: "true", label: "Agreed" },
      { key: "false", label: "Not agreed" },
    ],
  }));
}

/** Who lets one in, where one may stand and on which parts by leave, and the fall-back outside the fence. */
export function AccessForm({ state: { outing, change }, onClose }: Props) {
  const { leave = [], venue } = outing.ground;
  const specs = useMemo(() => [...ACCESS, ...leaveSpecs(venue.template)], [venue.template]);
  const record = useMemo(
    () => ({
      ...outing.access,
      leave: Object.fromEntries(LEAVE_KINDS.map((kind) => [kind, String(leave.includes(kind))])),
    }),
    [outing.access, leave],
  );
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={accessSchema}
      save="Save"
      onCancel={onClose}
      onSave={({ leave: agreed, ...access }) => {
        change((s) => ({
          ...editOuting({ access })(s),
          ground: { ...s.ground, leave: LEAVE_KINDS.filter((kind) => agreed[kind] === true) },
        }));
        onClose();
      }}
    />
  );
}
