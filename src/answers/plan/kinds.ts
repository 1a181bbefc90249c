import {
  DRAWN_KINDS,
  HAZARD_KINDS,
  LEAVE_KINDS,
  OBSTACLE_KIND_NAMES,
  OBSTACLE_KINDS,
  ROD_KINDS,
  SURFACES,
  SWATCH_NAMES,
  SWATCHES,
  TRACK_KINDS,
  WAYS_OF_BEING,
  type BlockKind,
  type ObstacleKind,
  type ObstacleKindRow,
  type Swatch,
} from "@/core/ground";

/** What can be put on a ground and told of it, to choose from. */
export const ON_GROUND = Object.freeze({
  surfaces: SURFACES,
  tracks: TRACK_KINDS,
  areas: DRAWN_KINDS,
  hazards: HAZARD_KINDS,
  byLeave: LEAVE_KINDS,
  waysOfBeing: WAYS_OF_BEING,
  rods: ROD_KINDS,
  blocks: OBSTACLE_KIND_NAMES.filter((kind): kind is BlockKind => OBSTACLE_KINDS[kind].form === "block"),
});

/** Kinds of things of a group, in the order of their rows. */
export const thingsIn = (group: ObstacleKindRow["group"]): readonly ObstacleKind[] =>
  OBSTACLE_KIND_NAMES.filter((kind) => OBSTACLE_KINDS[kind].group === group);

/** Whether a kind of thing is looked through between its wires: it has a mesh and posts. */
export const isLookedThrough = (kind: ObstacleKind): boolean => OBSTACLE_KINDS[kind].look === "netting";

/** Every colour that can be told, with its look on a screen as a CSS colour. */
export const coloursToTell = (): readonly { readonly name: Swatch; readonly css: string }[] =>
  SWATCH_NAMES.map((name) => ({ name, css: SWATCHES[name] }));
