import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "./outing-context";

/** What the shot names and the bag lacks, and what is used instead; nothing while all of it is packed. */
export function NotInBag() {
  const { notInBag, rig } = useOuting();
  if (notInBag.length === 0 || !rig) return null;
  return (
    <Txt
      size={14}
      tone="bracken"
    >{`${notInBag.join(", ")} not in the bag; using ${rig.lens.name} on the ${rig.body.name}.`}</Txt>
  );
}
