import { z } from "zod";
import { id, name, words } from "./parts";

/** Whether somebody may be shown: what was said by them, or for a child by those who answer for it. */
export const CONSENTS = ["not-asked", "given", "refused"] as const;

const side = z.enum(["left", "right", "both"]);

/** Somebody whom one wants pictures of, and how to know and to expect them. */
export const personSchema = z.object({
  id,
  name,
  /** On the shirt, the bib or the saddle-cloth. */
  number: words(12).optional(),
  /** Lane, court or start place, where it is theirs all day. */
  lane: words(12).optional(),
  /** Cap or shirt, as one says it at the edge: "yellow cap". */
  colour: words(40).optional(),
  club: words(80).optional(),
  /** The side to which a swimmer breathes. */
  breathes: side.optional(),
  /** The foot of the take-off: it turns the face to the other side of the bar. */
  takeOff: z.enum(["left", "right"]).optional(),
  /** The hand that throws, strikes or shoots. */
  hand: z.enum(["left", "right"]).optional(),
  consent: z.enum(CONSENTS),
  /** Events that they are in though no list names them there. */
  eventIds: z.array(id).max(100).optional(),
});
