import { useMemo } from "react";
import { knownElsewhere } from "@/outing/people/known-elsewhere";
import { useOuting } from "../../../outing/use-outing";
import { useOutings } from "../../../store/outings";
import { TickPeople } from "./TickPeople";

/** One's people of other outings, with what is true of them on any day. */
export function FromOutings({ onClose }: { onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const { data } = useOutings();
  const known = useMemo(() => knownElsewhere(outing, data?.outings ?? []), [outing, data]);
  return (
    <TickPeople
      named={known}
      label="Of other outings"
      nobody="No other outing has people who are not in this one already."
      onClose={onClose}
    />
  );
}
