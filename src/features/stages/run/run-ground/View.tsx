import { withProgramme } from "../../screen/panel";
import { useOuting } from "../../../outing/use-outing";
import { Late } from "../../../layout/Late";
import { GroundPlan } from "../../ground/plan/View";

const loadOrdered = async () => (await import("./OrderedPlan")).OrderedPlan;

/** The ground, and on it the order of the day as a numbered way, once there is a programme. */
export function RunPlan() {
  const isOrdered = useOuting(withProgramme);
  if (!isOrdered) return <GroundPlan />;
  return <Late load={loadOrdered}>{(OrderedPlan) => <OrderedPlan />}</Late>;
}
