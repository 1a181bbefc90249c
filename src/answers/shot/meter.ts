import { OBSTACLE_KINDS, surfaceAt, type ObstacleKind, type Surface } from "@/core/ground";
import { answered, ofPicture } from "../answered";

/** From this share of the frame the subject itself is what a meter sees most of (assumed). */
const SUBJECT_FROM = 0.7;

/** What a ground looks like to a meter, by the rows of what fills a frame; the middle for those that are not here. */
const GROUNDS: Readonly<Partial<Record<Surface, string>>> = {
  snow: "snow",
  ice: "ice",
  sand: "sand",
  floor: "floor",
  grass: "grass",
};
const LIGHT_KIT = ["white", "snow", "yellow"];
const DARK_KIT = ["black", "dark-green", "deep-water"];

/** What fills the frame for the body's meter as far as the plan tells, by its id: what an automatic begins with. */
export const meterPreset = answered(ofPicture, (input, found): string => {
  if (!input || !found) return "middle";
  const { frame, background } = found.sighting;
  const { colour } = input.subject;
  if (colour && frame.fill >= SUBJECT_FROM) {
    if (LIGHT_KIT.includes(colour)) return "white-kit";
    if (DARK_KIT.includes(colour)) return "dark-kit";
  }
  const { surface } = found.light;
  if (surface === "snow" || surface === "ice") return GROUNDS[surface]!;
  if (background.kind === "ground") return GROUNDS[surfaceAt(input.scene.ground, background.at)] ?? "middle";
  const row = Object.hasOwn(OBSTACLE_KINDS, background.kind)
    ? OBSTACLE_KINDS[background.kind as ObstacleKind]
    : undefined;
  if (row?.seated) return "crowd";
  return row?.look === "leaves" ? "wood" : "middle";
});
