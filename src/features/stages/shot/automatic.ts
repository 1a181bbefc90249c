import { meterSees } from "@/core/catalogue";
import { predictAutoIso, type Automatic } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";

/** What the automatic makes of the picture in hand; nothing while the ISO is one's own. */
export const automaticOf = ({ found, choice: { automatic } }: OutingView): Automatic | undefined =>
  found &&
  automatic &&
  predictAutoIso({
    found,
    reflectance: meterSees(automatic.sees).reflectance,
    compensation: automatic.compensation,
  });
