import { useMemo } from "react";
import { planOfPlace } from "@/answers/library/places-on-plan";
import { PlacesPlan } from "./PlacesPlan";

/** A place of the trade on the ground that it is told for, among the others for the same subject. */
export function TradePlaceDrawn({ id }: { id: string }) {
  const plan = useMemo(() => planOfPlace(id), [id]);
  return plan ? <PlacesPlan plan={plan} chosen={id} /> : null;
}
