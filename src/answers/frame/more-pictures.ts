import { variantsFor, type Variant } from "@/core/scene";
import { answered } from "../answered";

/** Other pictures that one takes of the subject in hand. */
export const morePictures = answered(
  ({ subject }) => [subject] as const,
  (subject): readonly Variant[] => variantsFor(subject),
);
