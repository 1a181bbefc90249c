export { paneLoss, type PaneInput, type PaneLoss } from "./glass";
export {
  blurDiscUm,
  circleOfConfusionMm,
  depthOfField,
  fNumberForDepth,
  hyperfocal,
  sharpBetween,
  smoothness,
  type DepthInput,
  type DepthOfField,
  type DiscInput,
} from "./depth-of-field";
export {
  cropFactor,
  diagonalMm,
  heldSidesMm,
  pixelPitchUm,
  type Orientation,
  type SensorFormat,
} from "./format";
export { frameSubject, PART_SHARE, type FigurePart, type Frame, type FramingWish } from "./framing";
export {
  converterLoss,
  effectiveLens,
  framesOnCard,
  lensesFor,
  stabiliserStopsOf,
  stackConverters,
  widestAt,
  type Body,
  type Card,
  type Converter,
  type EffectiveLens,
  type Kit,
  type Lens,
  type Rig,
  type Support,
} from "./kit";
export { closestFocalLength, distanceFromMark, markedDistance } from "./close-up";
export {
  circleForDeliverable,
  cropLeft,
  deliveredPixelUm,
  inDelivered,
  shortEdgeMm,
  pixelsWanted,
  type CropLeft,
  type Deliverable,
} from "./deliverable";
export { distanceForFill, focalLengthForFill, type ReachInput } from "./reach";
export { fNumberForTurned, turnedDepth, type TurnedSubject } from "./subject-depth";
export {
  angleOfView,
  angleOfViewAt,
  bellowsLoss,
  distanceForImage,
  focalLengthForImage,
  imageDistanceMm,
  magnification,
  workingFNumber,
} from "./thin-lens";
export { circleByRule, fullFrameEquivalent, lightStopsBelowFullFrame, type CircleRule } from "./equivalence";
export {
  footprintWhereGone,
  nettingEffect,
  nettingStops,
  postShade,
  postShadeTop,
  type Netting,
  type NettingEffect,
  type NettingInput,
  type PostShadowInput,
} from "./netting";
