import { useMemo } from "react";
import { z } from "zod";
import { instantOf, KINDS, name, words, zone, type Shoot } from "@/data";
import { useToast } from "@/ui/controls/toast";
import { kindWords } from "@/words";
import type { FieldSpec } from "../forms/field-spec";
import { RecordForm } from "../forms/RecordForm";
import { inOneDay, placeFields, placeShape, WINDOW_FIELDS, windowShape } from "../forms/when-and-where";
import { FromHere } from "../home/FromHere";
import { zoneOf } from "../home/zone-of";
import { editOuting } from "../stage/edits";
import type { OutingState } from "../stage/outing-context";

/** The outing comes as a prop: these forms are loaded apart from the stages and what they compute with. */
interface Props {
  readonly outing: Pick<OutingState, "shoot" | "change">;
  readonly onClose: () => void;
}

const whenSchema = inOneDay(z.object(windowShape));

/** Lamps that were alight all the while still are when the window moves. */
function litThrough({ light: { lamps }, from, until }: Shoot, when: Pick<Shoot, "from" | "until">) {
  if (!lamps || lamps.from !== from || lamps.until !== until) return lamps;
  return { ...lamps, from: when.from, until: when.until };
}

/** Date and window. The minute that is looked at stays inside. */
export function WhenForm({ outing: { shoot, change }, onClose }: Props) {
  const toast = useToast();
  const record = useMemo(
    () => ({ date: shoot.date, from: shoot.from, starts: shoot.starts, until: shoot.until }),
    [shoot.date, shoot.from, shoot.starts, shoot.until],
  );
  return (
    <RecordForm
      specs={WINDOW_FIELDS}
      record={record}
      schema={whenSchema}
      save="Keep"
      onCancel={onClose}
      onSave={(when) => {
        change((s) => ({
          ...s,
          ...when,
          light: { ...s.light, lamps: litThrough(s, when) },
          plannedAt: s.plannedAt >= when.from && s.plannedAt <= when.until ? s.plannedAt : when.starts,
        }));
        onClose();
        const odd = [when.from, when.starts, when.until].find((t) => instantOf(when.date, t, shoot.zone).odd);
        if (odd)
          toast({ words: `The clocks change that day: ${odd} is taken by the time before the change.` });
      }}
    />
  );
}

const PLACE: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "What is it called" },
  {
    kind: "choice",
    key: "kind",
    label: "Kind",
    choices: KINDS.map((key) => ({ key, label: kindWords(key) })),
  },
  { kind: "text", key: "sport", label: "Of what" },
  { kind: "text", key: "place", label: "Where, in a name" },
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
export function PlaceForm({ outing: { shoot, change }, onClose }: Props) {
  const { anchor } = shoot.ground;
  const record = useMemo(
    () => ({
      name: shoot.name,
      kind: shoot.kind,
      sport: shoot.sport,
      place: shoot.place,
      ...anchor,
      zone: shoot.zone,
    }),
    [shoot.name, shoot.kind, shoot.sport, shoot.place, shoot.zone, anchor],
  );
  return (
    <RecordForm
      specs={PLACE}
      record={record}
      schema={placeSchema}
      save="Keep"
      onCancel={onClose}
      before={({ set }) => <FromHere set={set} />}
      onSave={({ latitude, longitude, elevation, zone, ...rest }) => {
        const moved = latitude !== anchor.latitude || longitude !== anchor.longitude;
        const found = zone === "" || (moved && zone === shoot.zone);
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
  { kind: "text", key: "allowedBy", label: "Who allows it" },
  { kind: "text", key: "mayStand", label: "Where you may stand", lines: 2 },
  { kind: "text", key: "fallBack", label: "Where else, if that falls through", lines: 2 },
];
const accessSchema = z.object({ allowedBy: words(120), mayStand: words(200), fallBack: words(200) });

/** Who lets one in, where one may stand, and the fall-back outside the fence. */
export function AccessForm({ outing: { shoot, change }, onClose }: Props) {
  return (
    <RecordForm
      specs={ACCESS}
      record={shoot.access}
      schema={accessSchema}
      save="Keep"
      onCancel={onClose}
      onSave={(access) => {
        change(editOuting({ access }));
        onClose();
      }}
    />
  );
}
