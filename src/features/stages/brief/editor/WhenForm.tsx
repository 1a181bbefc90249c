import { useMemo } from "react";
import { z } from "zod";
import { instantOf, lastDayOf, timesFault, type Outing } from "@/data";
import { useToast } from "@/ui/layout/toast";
import { RecordForm } from "../../../forms/RecordForm";
import { inOrder, WINDOW_FIELDS, windowShape } from "../../../forms/when-and-where";
import { useCommit, useOuting } from "../../../outing/use-outing";

interface Props {
  readonly onClose: () => void;
}

const whenSchema = inOrder(z.object(windowShape));

/** Lamps that were alight from the beginning still are when the window moves. */
function litThrough({ light: { lamps }, from }: Outing, when: Pick<Outing, "from">) {
  return lamps && lamps.from === from ? { ...lamps, from: when.from } : lamps;
}

/** Date and window. The minute that is looked at stays inside. */
export function WhenForm({ onClose }: Props) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const toast = useToast();
  const record = useMemo(
    () => ({
      date: outing.date,
      from: outing.from,
      starts: outing.starts,
      until: outing.until,
      lastDate: outing.lastDate,
    }),
    [outing.date, outing.from, outing.starts, outing.until, outing.lastDate],
  );
  return (
    <RecordForm
      specs={WINDOW_FIELDS}
      record={record}
      schema={whenSchema}
      save="Save"
      onCancel={onClose}
      onSave={(when) => {
        commit((s) => ({
          ...s,
          ...when,
          light: { ...s.light, lamps: litThrough(s, when) },
          plannedAt: timesFault({ ...when, starts: s.plannedAt }) ? when.starts : s.plannedAt,
        }));
        onClose();
        const odd = [
          [when.date, when.from],
          [when.date, when.starts],
          [lastDayOf(when), when.until],
        ].find(([day, time]) => instantOf(day!, time!, outing.timeZone).odd)?.[1];
        if (odd)
          toast({ words: `The clocks change that day: ${odd} is taken by the time before the change.` });
      }}
    />
  );
}
