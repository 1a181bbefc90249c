import { useOuting } from "../../outing/use-outing";
import { Late } from "../../layout/Late";
import { GroundPlan } from "../ground/GroundPlan";
import { withProgramme } from "./with-programme";

const loadWay = async () => (await import("./coverage/OrderedWay")).OrderedWay;

/** The ground, and on it the order of the day as a numbered way, once there is a programme. */
export function RunPlan() {
  const isOrdered = useOuting(withProgramme);
  return (
    <GroundPlan
      over={
        isOrdered
          ? (view) => <Late load={loadWay}>{(OrderedWay) => <OrderedWay view={view} />}</Late>
          : undefined
      }
    />
  );
}
