import { cloudOf } from "@/core/scene";
import { lightPlanOf, wallTimeOf, type Outing } from "@/data";
import type { OutingView } from "@/outing/outing-view";

type CloudHours = NonNullable<Outing["light"]["cloudHours"]>;
const HOUR = 3_600_000;
const MOST_HOURS = 24;

/** Every full hour of an outing with the cloud of the minute in hand, to be changed one by one. */
export function cloudByHour({ outing, window, at }: OutingView): CloudHours {
  const eighths = Math.round(cloudOf(lightPlanOf(outing), at));
  const first = Math.floor(window.from / HOUR) * HOUR;
  const count = Math.min(MOST_HOURS, Math.ceil((window.until - first) / HOUR) + 1);
  const hours = Array.from({ length: count }, (_, i) => wallTimeOf(first + i * HOUR, outing.timeZone));
  return [...new Set(hours)].map((hour) => ({ at: hour, eighths }));
}
