import { z } from "zod";
import { LEAVE_KINDS, SURFACES, venueTemplate } from "@/core/ground";
import { LIMITS } from "./limits";
import { bearing, id, latitude, listOf, longitude, metres, name, outline, point } from "./parts";

const surface = z.enum(SURFACES);

export const groundSchema = z.object({
  anchor: z.object({ latitude, longitude, elevation: z.number().min(-500).max(9000) }),
  surface: surface.optional(),
  areas: listOf(z.object({ id, name, surface, outline }), LIMITS.areas).optional(),
  venue: z.object({
    template: z.string().refine((id) => venueTemplate(id).ok, "no venue of this name is known"),
    bearing,
    centre: point,
  }),
  zones: listOf(z.object({ id, name, offsetClicks: z.int().min(-12).max(12) }), LIMITS["light zones"]),
  spots: listOf(
    z.object({ id, name, at: point, aimHeight: metres(60), facing: bearing, zoneId: id }),
    LIMITS.spots,
  ),
  tracks: listOf(z.object({ id, name, points: z.array(point).min(2).max(200) }), LIMITS.tracks),
  obstacles: listOf(
    z.object({
      id,
      name,
      kind: z.enum(["stand", "building", "fence", "boards", "trees", "goal"]),
      outline,
      height: z.number().min(0.01).max(200),
    }),
    LIMITS.obstacles,
  ),
  masts: listOf(
    z.object({
      id,
      name,
      at: point,
      height: z.number().min(0.5).max(100),
      candela: z.number().min(1).max(1e8).optional(),
    }),
    LIMITS.masts,
  ),
  noGo: listOf(z.object({ id, name, outline }), LIMITS["no-go areas"]),
  hall: z.object({ outline, height: z.number().min(2).max(100) }).optional(),
  leave: z.array(z.enum(LEAVE_KINDS)).max(LEAVE_KINDS.length).optional(),
  positions: listOf(
    z.object({ id, name, at: point, lensHeight: z.number().min(0.05).max(60) }),
    LIMITS.positions,
  ),
});
