import { z } from "zod";
import { LEAVE_KINDS, SURFACES, venueTemplate } from "@/core/ground";
import { bearing, id, latitude, listOf, longitude, metres, name, outline, point } from "./parts";

const surface = z.enum(SURFACES);

export const groundSchema = z.object({
  anchor: z.object({ latitude, longitude, elevation: z.number().min(-500).max(9000) }),
  surface: surface.optional(),
  areas: listOf(z.object({ id, name, surface, outline }), 60).optional(),
  venue: z.object({
    template: z.string().refine((id) => venueTemplate(id).ok, "no venue of this name is known"),
    bearing,
    centre: point,
  }),
  zones: listOf(z.object({ id, name, offsetClicks: z.int().min(-12).max(12) }), 20),
  spots: listOf(z.object({ id, name, at: point, aimHeight: metres(60), facing: bearing, zoneId: id }), 60),
  tracks: listOf(z.object({ id, name, points: z.array(point).min(2).max(200) }), 60),
  obstacles: listOf(
    z.object({
      id,
      name,
      kind: z.enum(["stand", "building", "fence", "boards", "trees", "goal"]),
      outline,
      height: z.number().min(0.01).max(200),
    }),
    100,
  ),
  masts: listOf(
    z.object({
      id,
      name,
      at: point,
      height: z.number().min(0.5).max(100),
      candela: z.number().min(1).max(1e8).optional(),
    }),
    40,
  ),
  noGo: listOf(z.object({ id, name, outline }), 40),
  hall: z.object({ outline, height: z.number().min(2).max(100) }).optional(),
  leave: z.array(z.enum(LEAVE_KINDS)).max(LEAVE_KINDS.length).optional(),
  positions: listOf(z.object({ id, name, at: point, lensHeight: z.number().min(0.05).max(60) }), 40),
});
