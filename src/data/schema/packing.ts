import { z } from "zod";
import { DAY_CONDITIONS } from "@/core/catalogue";
import { id, name, weightG, words } from "./parts";

/** What goes along besides the kit, and what the day is reckoned with. */
export const packingSchema = z.object({
  /** What the day is, set by hand; found from the outing while it is left out. */
  conditions: z.array(z.enum(DAY_CONDITIONS)).max(DAY_CONDITIONS.length).optional(),
  /** Things of the list that are in the bag. */
  ticked: z.array(id).max(200),
  /** Things of one's own. */
  own: z.array(z.object({ id, name, weightG })).max(50),
  /** Bursts of the day, and seconds of each. */
  bursts: z.int().min(0).max(20_000).optional(),
  burstSeconds: z.number().min(0.05).max(60).optional(),
  /** Frames are reckoned by what was counted on earlier outings, or by bursts; by what was counted, where it is left out and known. */
  framesBy: z.enum(["bursts", "own-rate"]).optional(),
  /** Frames that the battery of the body is rated for. */
  ratedFrames: z.int().min(20).max(20_000).optional(),
});

/** What was found out and agreed before the day. */
export const arrangementsSchema = z.object({
  /** How big it really is, when it is active, who guides. */
  size: words(200).optional(),
  active: words(200).optional(),
  guides: words(200).optional(),
  flash: z.enum(["not-asked", "allowed", "forbidden"]).optional(),
  /** Whether the shutter has to be silent. */
  silent: z.boolean().optional(),
  /** Other rules of the house. */
  rules: words(400).optional(),
  /** Where the pass is fetched, what it opens. */
  pass: words(200).optional(),
  contacts: words(600).optional(),
});

/** Pictures that somebody waits for. */
export const deliverableSchema = z.object({
  id,
  name,
  /** Who gets it. */
  to: words(80),
  /** By when, in words or as a time: "22:00", "Monday noon". */
  by: words(60),
  /** In which form: "2000 px, captioned". */
  form: words(120).optional(),
  done: z.boolean(),
  /** The events that it is taken at; any while it is left out. */
  eventIds: z.array(id).min(1).max(60).optional(),
});
