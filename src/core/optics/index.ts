export {
  blurDiscUm,
  circleOfConfusionMm,
  depthOfField,
  fNumberForDepth,
  hyperfocal,
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
export { effectiveLens, type Body, type Converter, type Kit, type Lens, type Rig, type Support } from "./kit";
export {
  angleOfView,
  angleOfViewAt,
  bellowsLoss,
  distanceForImage,
  focalLengthForImage,
  imageDistanceMm,
  magnification,
} from "./thin-lens";
export { circleByRule, fullFrameEquivalent, lightStopsBelowFullFrame } from "./equivalence";
export {
  meshEffect,
  postShade,
  type Mesh,
  type MeshEffect,
  type MeshInput,
  type PostShadowInput,
} from "./mesh";
