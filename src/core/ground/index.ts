export { alongBearing, bearingTo, distance, heightAngle, levelVelocity } from "./bearing";
export { boxFrom, boxOutline, type Box } from "./box";
export { SURFACES, type Surface } from "./surface";
export { surfaceAt } from "./surface-at";
export type {
  Anchor,
  Area,
  Ground,
  Hall,
  Mast,
  NoGo,
  Obstacle,
  Position,
  Spot,
  Track,
  Venue,
  Zone,
} from "./ground";
export { needsLeave, standingAt, type Standing } from "./standing";
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
export { convexHull, convexParts, isInside, rayThrough, type Stretch } from "./polygon";
export {
  backgroundBehind,
  firstBlockage,
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
export { fromVenue, toVenue } from "./venue-frame";
export { fromCoordinates, toCoordinates, type Coordinates } from "./coordinates";
export {
  cameraAxes,
  frameBackground,
  frameCorners,
  type FrameBackground,
  type FrameRays,
} from "./frame-background";
export { walkRound, type Walk, type WalkInput } from "./walking";
