import { meterSees } from "@/core/catalogue";
import { predictAutoIso, type Assessment, type Automatic } from "@/core/judge";
import type { Choice } from "@/data";
import { kept } from "@/outing/assessments";
import type { OutingView } from "@/outing/outing-view";

const predicted = kept(2, (found: Assessment, { sees, compensation }: NonNullable<Choice["automatic"]>) =>
  predictAutoIso({ found, reflectance: meterSees(sees).reflectance, compensation }),
);

/** What the automatic makes of the picture in hand, the same object for the same picture; nothing while the ISO is one's own. */
export const automaticOf = ({ found, choice: { automatic } }: OutingView): Automatic | undefined =>
  found && automatic && predicted(found, automatic);
