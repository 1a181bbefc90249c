import { setUpFor, type SetUp } from "@/core/judge";
import { answered, ofPicture } from "../answered";

/** How the body is set up for the shot in hand, beside shutter, aperture and ISO. */
export const setUp = answered(
  ofPicture,
  (input, found): SetUp | undefined => input && found && setUpFor(input, found),
);
