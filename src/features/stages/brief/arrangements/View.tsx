import { useMemo, useState } from "react";
import { View } from "react-native";
import { z } from "zod";
import { arrangementsSchema, deliverableSchema, idFromName, type Outing } from "@/data";
import { inPlaceByOf } from "@/outing/day/day";
import { editOuting } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { arrangementLines, inPlaceSentence } from "@/words/arrangements";
import type { FieldSpec } from "../../../forms/field-spec";
import { RecordForm } from "../../../forms/RecordForm";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

const SPECS: readonly FieldSpec[] = [
  { kind: "text", key: "size", label: "How big it really is" },
  { kind: "text", key: "active", label: "When it is active" },
  { kind: "text", key: "guides", label: "Who guides" },
  {
    kind: "choice",
    key: "flash",
    label: "Flash",
    choices: [
      { key: "not-asked", label: "Not asked" },
      { key: "allowed", label: "Allowed" },
      { key: "forbidden", label: "Forbidden" },
    ],
  },
  { kind: "switch", key: "silent", label: "Silent shutter" },
  { kind: "text", key: "rules", label: "Other rules of the house", lines: 2 },
  { kind: "text", key: "pass", label: "Pass: where it is fetched, what it opens" },
  { kind: "text", key: "contacts", label: "Contacts", lines: 3 },
];

const DELIVERABLE: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "What" },
  { kind: "text", key: "to", label: "For whom" },
  { kind: "text", key: "by", label: "By when", hint: "22:00, tomorrow 9:00, Monday noon" },
  { kind: "text", key: "form", label: "In which form" },
];

/** The same, with the events of a programme where there is one. */
const deliverableSpecs = (programme: NonNullable<Outing["programme"]>): readonly FieldSpec[] =>
  programme.length === 0
    ? DELIVERABLE
    : [
        ...DELIVERABLE,
        {
          kind: "several",
          key: "eventIds",
          label: "From which events",
          choices: programme.map((e) => ({ key: e.id, label: e.name })),
        },
      ];
const newDeliverable = deliverableSchema.omit({ id: true, done: true });
type Deliverable = NonNullable<Outing["deliverables"]>[number];

/** What was found out and agreed before the day, and which pictures somebody waits for. */
export function Arrangements() {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const [open, setOpen] = useState<"none" | "arrangements" | "deliverable">("none");
  const { arrangements, deliverables = [] } = outing;
  const record = useMemo(() => ({ flash: "not-asked", silent: false, ...arrangements }), [arrangements]);
  const close = (): void => setOpen("none");
  const put = (next: readonly Deliverable[]): Promise<boolean> =>
    commit(editOuting({ deliverables: [...next] }));
  const early = inPlaceByOf(outing);
  return (
    <View className="gap-3">
      <Txt>{inPlaceSentence(early.why, wallOf({ outing }, early.at), outing.until)}</Txt>
      {arrangementLines(arrangements ?? {}).map((line) => (
        <Txt key={line}>{line}</Txt>
      ))}
      <Button
        label={arrangements ? "Change the arrangements" : "Write the arrangements down"}
        onPress={() => setOpen("arrangements")}
      />
      <View role="group" aria-label="To be delivered">
        {deliverables.map((d) => (
          <CheckRow
            key={d.id}
            title={`${d.name}, for ${d.to}`}
            detail={[`by ${d.by}`, d.form].filter(Boolean).join(" · ")}
            checked={d.done}
            onChange={(done) => void put(deliverables.map((one) => (one.id === d.id ? { ...d, done } : one)))}
          />
        ))}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Add what somebody waits for"
          className="flex-1"
          onPress={() => setOpen("deliverable")}
        />
        {deliverables.some((d) => d.done) && (
          <Button
            label="Clear the delivered"
            kind="plain"
            onPress={() => void put(deliverables.filter((d) => !d.done))}
          />
        )}
      </View>
      <Dialog title="Arrangements" open={open === "arrangements"} onClose={close}>
        {open === "arrangements" && (
          <RecordForm
            specs={SPECS}
            record={record}
            schema={arrangementsSchema}
            save="Save"
            onCancel={close}
            onSave={async (value: z.infer<typeof arrangementsSchema>) => {
              const done = await commit(editOuting({ arrangements: value }));
              if (done) close();
              return done;
            }}
          />
        )}
      </Dialog>
      <Dialog title="Somebody waits for" open={open === "deliverable"} onClose={close}>
        {open === "deliverable" && (
          <RecordForm
            specs={deliverableSpecs(outing.programme ?? [])}
            record={NOTHING_YET}
            schema={newDeliverable}
            save="Add it"
            onCancel={close}
            onSave={async (value: z.infer<typeof newDeliverable>) => {
              const id = idFromName(value.name, deliverables, "delivery");
              const done = await put([...deliverables, { ...value, id, done: false }]);
              if (done) close();
              return done;
            }}
          />
        )}
      </Dialog>
    </View>
  );
}

const NOTHING_YET = { name: "", to: "", by: "" };
