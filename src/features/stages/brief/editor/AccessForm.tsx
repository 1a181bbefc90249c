import { useMemo } from "react";
import { z } from "zod";
import { words } from "@/data";
import { leaveHere } from "@/answers/brief/access";
import { ON_GROUND } from "@/answers/plan/kinds";
import { leaveWords } from "@/words";
import { editOuting } from "@/outing/edits";
import type { FieldSpec } from "../../../forms/field-spec";
import { RecordForm } from "../../../forms/RecordForm";
import { useCommit, useOuting } from "../../../outing/use-outing";

interface Props {
  readonly onClose: () => void;
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
  leave: z.partialRecord(z.enum(ON_GROUND.byLeave), z.stringbool()),
});

/** The parts of a venue that are stood on by leave alone, each with who gives it. */
function leaveSpecs({ official, kinds }: ReturnType<typeof leaveHere>): FieldSpec[] {
  if (!official) return [];
  return kinds.map((kind) => ({
    kind: "choice",
    key: `leave.${kind}`,
    label: leaveWords(kind, official),
    choices: [
      { key: "true", label: "Agreed" },
      { key: "false", label: "Not agreed" },
    ],
  }));
}

/** Who lets one in, where one may stand and on which parts by leave, and the fall-back outside the fence. */
export function AccessForm({ onClose }: Props) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const { leave = [] } = outing.ground;
  const byLeave = useOuting(leaveHere);
  const specs = useMemo(() => [...ACCESS, ...leaveSpecs(byLeave)], [byLeave]);
  const record = useMemo(
    () => ({
      ...outing.access,
      leave: Object.fromEntries(ON_GROUND.byLeave.map((kind) => [kind, String(leave.includes(kind))])),
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
        commit((s) => ({
          ...editOuting({ access })(s),
          ground: { ...s.ground, leave: ON_GROUND.byLeave.filter((kind) => agreed[kind] === true) },
        }));
        onClose();
      }}
    />
  );
}
