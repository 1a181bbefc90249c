import { useMemo } from "react";
import { z } from "zod";
import { CONSENTS, idFromName, personSchema, type Person } from "@/data";
import { putPerson } from "@/outing/edits";
import { peopleOf } from "@/outing/people/people-of";
import { Button } from "@/ui/controls/Button";
import { CONSENT_WORDS } from "@/words/people";
import type { FieldSpec } from "../../../forms/field-spec";
import { RecordForm } from "../../../forms/RecordForm";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { ForgetPerson } from "./ForgetPerson";

const UNKNOWN = { key: "unknown", label: "Not known" };
const SIDES = [UNKNOWN, { key: "left", label: "Left" }, { key: "right", label: "Right" }];

const SPECS: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name, as the lists have it" },
  { kind: "text", key: "number", label: "Number" },
  {
    kind: "text",
    key: "lane",
    label: "Lane or start place",
    hint: "Left empty, it is taken from each list.",
  },
  { kind: "text", key: "colour", label: "Cap or shirt" },
  { kind: "text", key: "club", label: "Club" },
  {
    kind: "choice",
    key: "breathes",
    label: "Breathes to",
    choices: [...SIDES, { key: "both", label: "Both" }],
  },
  { kind: "choice", key: "takeOff", label: "Takes off from", choices: SIDES },
  { kind: "choice", key: "hand", label: "Hand", choices: SIDES },
  {
    kind: "choice",
    key: "consent",
    label: "Consent for pictures",
    choices: CONSENTS.map((key) => ({ key, label: CONSENT_WORDS[key] })),
  },
];

/** The form writes what is not known as a word of its own. */
const typedSchema = personSchema.omit({ id: true, breathes: true, takeOff: true, hand: true }).extend({
  breathes: z.enum(["unknown", "left", "right", "both"]),
  takeOff: z.enum(["unknown", "left", "right"]),
  hand: z.enum(["unknown", "left", "right"]),
});
type Typed = z.infer<typeof typedSchema>;

const known = <T extends string>(side: T | "unknown"): T | undefined =>
  side === "unknown" ? undefined : side;

interface Props {
  /** Left out for somebody new. */
  readonly person: Person | undefined;
  readonly onClose: () => void;
  readonly onDelete?: () => void;
}

/** Somebody as fields: how to know them, what to expect of them, whether they may be shown. */
export function PersonForm({ person, onClose, onDelete }: Props) {
  const people = useOuting(peopleOf);
  const commit = useCommit();
  const record = useMemo(
    () => ({
      name: "",
      breathes: "unknown",
      takeOff: "unknown",
      hand: "unknown",
      consent: "not-asked",
      ...person,
    }),
    [person],
  );
  const save = async ({
    breathes,
    takeOff,
    hand,
    number,
    lane,
    colour,
    club,
    ...typed
  }: Typed): Promise<boolean> => {
    const done = await commit(
      putPerson({
        ...typed,
        id: person?.id ?? idFromName(typed.name, people, "person"),
        number: number || undefined,
        lane: lane || undefined,
        colour: colour || undefined,
        club: club || undefined,
        breathes: known(breathes),
        takeOff: known(takeOff),
        hand: known(hand),
      }),
    );
    if (done) onClose();
    return done;
  };
  return (
    <RecordForm
      specs={SPECS}
      record={record}
      schema={typedSchema}
      save={person ? "Save" : "Add to my people"}
      onCancel={onClose}
      onSave={save}
      more={
        onDelete &&
        person && (
          <>
            <Button label="Delete" kind="danger" onPress={onDelete} />
            <ForgetPerson name={person.name} onDone={onClose} />
          </>
        )
      }
    />
  );
}
