import { z } from "zod";
import { instant } from "./parts";

/** The lowest tenth, the middle, the highest tenth of a forecast's members. */
const band = (value: z.ZodNumber) => z.tuple([value, value, value]);
const eighths = z.number().min(0).max(8);

/** The sky as somebody else expects it, hour by hour, as a band of members. */
export const forecastSchema = z.object({
  hours: z
    .array(
      z.object({
        at: instant,
        cloud: band(eighths),
        /** Cloud of the members by tenths of them, from the lowest tenth to the highest; the band alone in older forecasts. */
        cloudTenths: z.array(eighths).length(9).optional(),
        /** Share of the members with rain, and millimetres an hour of their middle. */
        rain: z.object({ share: z.number().min(0).max(1), mm: z.number().min(0).max(500) }),
        wind: band(z.number().min(0).max(120)),
        temperature: band(z.number().min(-90).max(70)),
      }),
    )
    .min(1)
    .max(400),
});
