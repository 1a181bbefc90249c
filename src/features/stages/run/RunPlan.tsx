import { useOuting } from "../../outing/use-outing";
import { Late } from "../../layout/Late";
import { GroundPlan } from "../ground/GroundPlan";
import { withProgramme } from "./with-programme";

const loadOrdered = async () => (await import("./coverage/OrderedPlan")).OrderedPlan;

/** The ground, and on it the order of the day as a numbered way, once there is a programme. */
export function RunPlan() {
  const isOrdered = useOuting(withProgramme);
  if (!isOrdered) return <GroundPlan />;
  return <Late load={loadOrdered}>{(OrderedPlan) => <OrderedPlan />}</Late>;
}
