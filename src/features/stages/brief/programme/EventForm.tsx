import { useMemo } from "react";
import { z } from "zod";
import { idFromName, programmeEventSchema, type ProgrammeEvent, type Outing } from "@/data";
import { putEvent } from "@/outing/edits";
import { daysOf } from "@/outing/lists/day-of";
import { keyOfPlace, placeOfKey } from "@/outing/programme/event-places";
import { eventKinds } from "@/outing/programme/kinds";
import { Button } from "@/ui/controls/Button";
import { priorityWords } from "@/words";
import type { FieldSpec } from "../../../forms/field-spec";
import { RecordForm } from "../../../forms/RecordForm";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { placeChoices } from "./place-choices";

const NOWHERE = "nowhere";
const BY_NAME = "by-name";
const WISHES = [
  { key: "open", label: "As it comes" },
  { key: "pinned", label: "Must be covered" },
  { key: "excluded", label: "Leave it out" },
];

/** The form writes what is not told as words of its own. */
const typedSchema = programmeEventSchema
  .omit({ place: true, wish: true, calls: true, id: true, kind: true })
  .extend({
    /** Nothing typed into the group is no group. */
    group: z.string().max(60).optional(),
    where: z.string(),
    sort: z.string(),
    wished: z.enum(["open", "pinned", "excluded"]),
    first: z.number().optional(),
    second: z.number().optional(),
    third: z.number().optional(),
  });
type TypedEvent = z.infer<typeof typedSchema>;

interface Props {
  /** Left out for a further one. */
  readonly event: ProgrammeEvent | undefined;
  readonly onClose: () => void;
  readonly onDelete?: () => void;
}

/** The fields of an event: a day where the outing has several, places of its ground, shots of its brief. */
const specsOf = (ground: Outing["ground"], shots: Outing["shots"], days: number): readonly FieldSpec[] => [
  { kind: "text", key: "name", label: "What it is" },
  { kind: "time", key: "at", label: "Starts" },
  ...(days > 1
    ? [
        {
          kind: "number",
          key: "day",
          label: "Day",
          min: 1,
          max: days,
          decimals: 0,
          optional: true,
        } as const,
      ]
    : []),
  {
    kind: "choice",
    key: "sort",
    label: "Kind of event",
    hint: "It says how long it lasts, and how much of it one has who leaves early.",
    choices: [
      { key: BY_NAME, label: "As its name says" },
      ...eventKinds().map(({ id, name }) => ({ key: id, label: name })),
    ],
  },
  { kind: "number", key: "minutes", label: "Lasts", unit: "min", min: 0, max: 1440, decimals: 0 },
  {
    kind: "number",
    key: "rounds",
    label: "Rounds or attempts",
    hint: "Of a jump or a throw: one who leaves early leaves between two of them.",
    min: 1,
    max: 12,
    decimals: 0,
    optional: true,
  },
  {
    kind: "choice",
    key: "where",
    label: "Where",
    choices: [{ key: NOWHERE, label: "Not told" }, ...placeChoices(ground)],
  },
  {
    kind: "several",
    key: "shotIds",
    label: "Serves the shots",
    hint: "None ticked: those of its place.",
    choices: shots.map(({ id, name }) => ({ key: id, label: name })),
  },
  {
    kind: "choice",
    key: "priority",
    label: "Priority",
    numeric: true,
    choices: [1, 2, 3].map((n) => ({ key: String(n), label: priorityWords(n) })),
  },
  { kind: "choice", key: "wished", label: "Wish", choices: WISHES },
  ...(["first", "second", "third"] as const).map((key): FieldSpec => ({
    kind: "number",
    key,
    label: `${key.replace(/^./, (c) => c.toUpperCase())} call, minutes before`,
    min: 0,
    max: 600,
    decimals: 0,
    optional: true,
  })),
  { kind: "number", key: "setUp", label: "Set up, minutes", min: 0, max: 240, decimals: 0 },
  {
    kind: "text",
    key: "group",
    label: "Shows the same as",
    hint: "Events of one name are the same to you: one of them is enough.",
  },
  { kind: "text", key: "who", label: "Who is in it", lines: 3 },
];

/** An event as fields. */
export function EventForm({ event, onClose, onDelete }: Props) {
  const ground = useOuting((v) => v.outing.ground);
  const programme = useOuting((v) => v.outing.programme ?? NONE);
  const starts = useOuting((v) => v.outing.starts);
  const shots = useOuting((v) => v.outing.shots);
  const days = useOuting(({ outing }) => daysOf(outing).count);
  const commit = useCommit();
  const specs = useMemo(() => specsOf(ground, shots, days), [ground, shots, days]);
  const record = useMemo(
    () => ({
      name: "",
      at: starts,
      minutes: 5,
      priority: 2,
      setUp: 3,
      group: "",
      who: "",
      ...event,
      where: event?.place ? keyOfPlace(event.place) : NOWHERE,
      sort: event?.kind ?? BY_NAME,
      wished: event?.wish ?? "open",
      first: event?.calls[0],
      second: event?.calls[1],
      third: event?.calls[2],
    }),
    [event, starts],
  );
  const save = async ({
    where,
    sort,
    wished,
    first,
    second,
    third,
    ...typed
  }: TypedEvent): Promise<boolean> => {
    const done = await commit(
      putEvent({
        ...typed,
        group: typed.group || undefined,
        who: typed.who || undefined,
        id: event?.id ?? idFromName(typed.name, programme, "event"),
        calls: [first, second, third].filter((c) => c !== undefined).sort((a, b) => b - a),
        place: placeOfKey(ground, where),
        kind: sort === BY_NAME ? undefined : sort,
        wish: wished === "open" ? undefined : wished,
      }),
    );
    if (done) onClose();
    return done;
  };
  return (
    <RecordForm
      specs={specs}
      record={record}
      schema={typedSchema}
      save={event ? "Save" : "Add the event"}
      onCancel={onClose}
      onSave={save}
      more={onDelete && <Button label="Delete" kind="danger" onPress={onDelete} />}
    />
  );
}

const NONE: readonly ProgrammeEvent[] = [];
