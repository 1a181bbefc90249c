import type { PlanView } from "@/ui/plan/view";
import { useOrder, useSteps } from "./order";
import { Way } from "./WayOnPlan";

/** The last order as a way over a plan. */
export function OrderedWay({ view }: { view: PlanView }) {
  const order = useOrder();
  const steps = useSteps();
  return order && steps.length > 0 ? <Way view={view} steps={steps} ways={order.answer.ways} /> : null;
}
