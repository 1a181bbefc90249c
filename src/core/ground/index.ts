export { alongBearing, bearingTo, distance, heightAngle, levelVelocity } from "./bearing";
export { boxAsDrawn, boxFrom, boxOutline, type Box } from "./box";
export { SURFACES, type Surface } from "./surface";
export { surfaceAt } from "./surface-at";
export {
  DRAWN_KINDS,
  HAZARD_KINDS,
  headingOf,
  TRACK_KINDS,
  WAYS_OF_BEING,
  type Anchor,
  type ChangedPart,
  type Area,
  type Block,
  type DrawnKind,
  type Ground,
  type Hall,
  type HazardKind,
  type Look,
  type Mast,
  type Mesh,
  type Obstacle,
  type Pane,
  type Position,
  type Posts,
  type Rod,
  type Slit,
  type Spot,
  type Track,
  type TrackKind,
  type Tree,
  type Venue,
  type WayOfBeing,
  type WindowOpening,
  type Zone,
} from "./ground";
export { detailOf } from "./detail";
export { aimOf, groundHeightAt, lensOf } from "./lie";
export {
  OBSTACLE_KINDS,
  OBSTACLE_KIND_NAMES,
  ROD_KINDS,
  type BlockKind,
  type ObstacleKind,
  type ObstacleKindRow,
  type RodKind,
} from "./obstacle-kinds";
export {
  footprintOf,
  isInsideThing,
  solidsOf,
  surfacePoints,
  throughSolid,
  throughThing,
  topOf,
  type Solid,
} from "./solids";
export { colouredAs, SWATCHES, SWATCH_NAMES, type Coloured, type Swatch, type Tint } from "./swatches";
export {
  isClosed,
  needsLeave,
  standingAt,
  standsInWater,
  type Standing,
  type StandingArea,
} from "./standing";
export { venueAreaAt, venueAreasOf, type VenueArea } from "./venue-areas";
export {
  LEAVE_KINDS,
  OPEN_GROUND,
  venueHall,
  venueMarks,
  venueParts,
  VENUES,
  venueTemplate,
  type AreaKind,
  type LeaveKind,
  type Official,
  type PitchMark,
  type VenuePart,
  type VenueTemplate,
} from "./venues";
export {
  convexHull,
  convexParts,
  isInside,
  nearestOnSide,
  rayThrough,
  signedArea,
  toEdge,
  toOutline,
  type Stretch,
} from "./polygon";
export {
  backgroundBehind,
  firstBlockage,
  hidesFrom,
  seenThrough,
  type Background,
  type Behind,
  type Blockage,
} from "./sight-line";
export {
  add,
  atHeight,
  cross,
  dot,
  norm,
  planDistance,
  scale,
  subtract,
  type Point,
  type Vector,
} from "./vector";
export { missOfSlit, slitReach, type SlitMiss } from "./openings";
export { canopyAt, zoneIdOf } from "./zone-of";
export { lineThrough } from "./line";
export { snap, type Snapped, type SnapTo } from "./snap";
export { VENUE_SOURCES } from "./venues/sources";
export { crossingsOn, furnitureOf } from "./furniture";
export { fromVenue, toVenue } from "./venue-frame";
export { fromCoordinates, toCoordinates, type Coordinates } from "./coordinates";
export {
  cameraAxes,
  frameBackground,
  frameCorners,
  thingsAbout,
  type FrameAtAim,
  type FrameBackground,
} from "./frame-background";
export { loadedPace, walkSeconds } from "./pace";
export { wayOnFoot, type WayOnFoot } from "./way-on-foot";
export { edgeMoves, metresToWater, waterLevel, type WaterLevel } from "./water-level";
