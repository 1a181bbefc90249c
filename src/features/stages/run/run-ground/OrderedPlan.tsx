import { useMemo } from "react";
import { stopsOf } from "@/outing/programme/order";
import { GroundPlan } from "../../ground/plan/View";
import { useOrder, useSteps } from "../programme-in-order/order";
import { Legs } from "../programme-in-order/WayOnPlan";

/** The ground with the order of the day as a way, and at each position which stops of it are there. */
export function OrderedPlan() {
  const order = useOrder();
  const steps = useSteps();
  const first = useMemo(
    () =>
      stopsOf(steps).map(({ position, numbers }) => ({ id: position.id, at: position.at, words: numbers })),
    [steps],
  );
  return (
    <GroundPlan
      first={first}
      under={order && ((view) => <Legs view={view} steps={steps} ways={order.answer.ways} />)}
    />
  );
}
