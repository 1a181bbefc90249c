import { whereOnPlan } from "@/answers/run/where-am-i";
import type { PlanView } from "@/ui/plan/view";
import { usePlace } from "../../../device/place";
import { useOuting } from "../../../outing/use-outing";
import { MyPlace } from "./MyPlace";

/** Where the device is on the plan of the open outing, while it is asked; nothing of another place. */
export function MyPlaceHere({ view }: { view: PlanView }) {
  const fix = usePlace((s) => s.fix);
  const outing = useOuting((v) => v.outing);
  if (!fix) return null;
  const { at, isFar } = whereOnPlan({ outing }, fix);
  return isFar ? null : <MyPlace view={view} at={at} accuracy={fix.accuracy} />;
}
