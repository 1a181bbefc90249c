import { z } from "zod";

const sacrifice = z.enum(["lift", "shutter", "aperture", "iso"]);

export const PREFERENCES_VERSION = 2;

export const preferencesSchema = z.object({
  version: z.literal(PREFERENCES_VERSION),
  theme: z.enum(["day", "dusk", "hide"]),
  /** Inside an outing the theme follows the light there, until one is chosen by hand. */
  themeByLight: z.boolean(),
  units: z.enum(["m", "ft"]),
  clock: z.enum(["24", "12"]),
  /** What a new shot starts from. */
  tolerance: z.enum(["print-sharp", "web", "pixel-sharp"]),
  /** Expose fully, or underexpose up to each body's allowance and lift later. */
  school: z.enum(["full", "lift"]),
  /** Metres a second with the kit on. */
  walkingPace: z.number().min(0.2).max(5),
  /** What is given up first when the light is short. */
  order: z
    .array(sacrifice)
    .length(4)
    .refine((o) => new Set(o).size === 4, "list each of the four once"),
});

export type StoredSacrifice = z.infer<typeof sacrifice>;
