export { alongBearing, bearingTo, distance, heightAngle, levelVelocity } from "./bearing";
export { boxFrom, boxOutline, type Box } from "./box";
export { surfaceAt } from "./ground";
export type {
  Anchor,
  Area,
  Ground,
  Mast,
  NoGo,
  Obstacle,
  Position,
  Spot,
  Surface,
  Track,
  Venue,
  Zone,
} from "./ground";
export { OPEN_GROUND, venueMarks, VENUES, venueTemplate, type PitchMark, type VenueTemplate } from "./venues";
export { convexHull, convexParts, isInside, rayThrough, type Stretch } from "./polygon";
export { backgroundBehind, firstBlockage, type Background, type Blockage } from "./sight-line";
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
export { frameBackground, frameCorners, type FrameBackground, type FrameRays } from "./frame-background";
export { walkRound, type Walk, type WalkInput } from "./walking";
