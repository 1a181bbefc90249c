import { CAUTIONS } from "@/data";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Dialog } from "@/ui/controls/Dialog";
import { cautionName, cautionSentence } from "@/words/cautions";
import { editOuting } from "@/outing/edits";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** Which cautions apply to this outing; they are said where the work meets them. */
export function CautionEditor({ onClose }: { onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  return (
    <Dialog title="Cautions for this outing" open onClose={onClose}>
      {CAUTIONS.map((code) => (
        <CheckRow
          key={code}
          title={cautionName(code)}
          detail={cautionSentence(code)}
          checked={outing.cautions.includes(code)}
          onChange={(applies) =>
            commit(
              editOuting({
                cautions: CAUTIONS.filter((c) => (c === code ? applies : outing.cautions.includes(c))),
              }),
            )
          }
        />
      ))}
      <Button label="Done" kind="filled" onPress={onClose} />
    </Dialog>
  );
}
