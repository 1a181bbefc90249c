import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../outing/use-outing";

/** What the shot names and the bag lacks, and what is used instead; nothing while all of it is packed. */
export function NotInBag() {
  const words = useOuting(({ notInBag, rig }) =>
    notInBag.length > 0 && rig
      ? `${notInBag.join(", ")} not in the bag; using ${rig.lens.name} on the ${rig.body.name}.`
      : undefined,
  );
  return words ? (
    <Txt size={14} tone="bracken">
      {words}
    </Txt>
  ) : null;
}
