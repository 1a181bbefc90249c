import { meterSees } from "@/core/catalogue";
import { predictAutoIso, type Automatic } from "@/core/judge";
import { answered } from "../answered";

/** What the automatic makes of the picture in hand; nothing while the ISO is one's own. */
export const automaticOf = answered(
  ({ found, choice }) => [found, choice.automatic] as const,
  (found, automatic): Automatic | undefined =>
    found &&
    automatic &&
    predictAutoIso({
      found,
      reflectance: meterSees(automatic.sees).reflectance,
      compensation: automatic.compensation,
    }),
);
