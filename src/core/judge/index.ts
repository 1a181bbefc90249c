export { assess } from "./assess";
export type {
  AssessInput,
  Assessment,
  LightFound,
  FigureHidden,
  MotionFound,
  NoPicture,
  PartMotion,
  PanFound,
  PricedWay,
  Score,
  ScoreCode,
  Weights,
  ScorePart,
  SettingsFound,
  Sighting,
} from "./assessment";
export type { DepthFound, SightingFound } from "./assessment";
export { seesNothing, type Judgement, type JudgementCode, type JudgementOf } from "./judgements";
export type { FaceSeen, Softness } from "./grades";
export type { Reason, ReasonCode, ReasonNumbers } from "./reasons";
export { reasonsOf, type Reasoned, type Reasons } from "./reasons-of";
export type { SeenBehind } from "./background-found";
export { bestRig, type RigWish } from "./best-rig";
export { blurLadder, motionAt, type Rung } from "./blur-ladder";
export { noiseFound, oneClick, type OneClick } from "./one-click";
export { startsFor, startsWith, type StartAt, type StartJudged } from "./starting";
export { flickerFound, framesApart, swingingShare, type Alternating, type Flicker } from "./flicker-found";
export { instantFound, type Event, type Instant } from "./instant";
export { setUpFor, type SetUp } from "./set-up";
export {
  aperturePriority,
  shadowEdge,
  tonesFound,
  lightFor,
  whenRight,
  type AperturePriority,
  type ShadowEdge,
  type Tones,
} from "./place-light";
export {
  fNumberEndToEnd,
  groupSharp,
  lensesServe,
  takeOver,
  type GroupSharp,
  type LensServes,
  type TakeOver,
} from "./group";
export { type SetMode } from "./choose-sets";
export {
  memorySets,
  type CardShot,
  type MemorySet,
  type MemorySets,
  type Served,
  type SetPurpose,
} from "./memory-sets";
export { outingCard, type CardMoment, type OutingCard, type OutingCardInput } from "./outing-card";
export { leversFor, type Lever, type LeverChange, type LeverCode } from "./levers";
export {
  fillRing,
  reachFound,
  reachWish,
  sameOnFullFrame,
  withBodies,
  withConverters,
  type Alternative,
  type Reach,
  type WithBody,
  type WithConverter,
} from "./reach-found";
export { keeperCurve, previewAt, withShutter, type KeeperPoint, type ShutterPreview } from "./keeper-curve";
export { smearExpected, type SmearExpected } from "./smear-expected";
export { panLadder, warmUpRung, type PanRung } from "./pan-ladder";
export { streakExposure, sweepOf, type Sweep, type SweepPoint } from "./sweep";
export { beyondInFrame, frameView, type FrameView, type SeenThing } from "./frame-view";
export type { InFrame } from "./in-frame";
export { comingUp, type Coming } from "./coming-up";
export { timeline, type Moment, type Timeline, type TimelineInput, type TimelinePoint } from "./timeline";
export { faceTurnOf, sightOf } from "./sight-of";
export { isWholeInSight } from "./figure-hidden";
export { meltOf } from "./background-found";
export {
  betweenZones,
  lightSpread,
  railAt,
  zonesLight,
  type BetweenZones,
  type LightSpread,
  type ZoneLight,
} from "./light-spread";
export { modeFor, type ModeFoundInput } from "./mode";
export {
  automaticMoments,
  predictAutoIso,
  type Automatic,
  type AutomaticInput,
  type AutomaticMoment,
} from "./automatic";
export { gridOf, searchPositions, searchStep, type SearchInput, type SearchResult } from "./search";
export type { Candidate, HeatCell } from "./candidate";
export { waysOutOfFrame, waysToClear, type WaysToClear } from "./ways-to-clear";
export {
  meshBetween,
  meshFound,
  meshLight,
  type MeshBetween,
  type MeshFound,
  type MeshLight,
} from "./mesh-found";
export { paneBefore } from "./lost-light";
export { skyBehind, type SkyBehind } from "./sky-behind";
export { faceShares, isMirrored, sidedBy, type FaceShare, type SidedBy, type SidedCode } from "./open-side";
export { bestCover, type Cover } from "./cover";
export { lightOver, type LightOverInput, type LitPlace } from "./light-over";
export {
  briefGround,
  briefPlaces,
  type BriefGround,
  type BriefGroundInput,
  type BriefPlacesInput,
  type BriefScores,
  type BriefShot,
} from "./brief-places";
export { weightsFor } from "./score";
export { EVEN_SHARE } from "./score-shares";
export { busiestOf } from "./judgement";
export { findSighting } from "./sighting";
export { sunToFrame } from "./sun-to-frame";
export type { Air } from "./air";
export { shortList } from "./short-list";
export { windFound, type WindAsked, type WindFound } from "./wind-found";
export { sunAhead, type SunAhead, type SunAheadInput } from "./sun-ahead";
export {
  groundColour,
  lightBehind,
  skyColour,
  skylineColour,
  thingColour,
  type LightBehind,
} from "./colour-behind";
export { coloursToWear, standsOut, type Parting, type StandsOut } from "./stands-out";
export { facesInRow, printFound, type FacesInRow, type PrintFound } from "./print-found";
export { panLeft, type PanLeft } from "./pan-left";
export { stillFound, type StillFound } from "./still-found";
export { blurModelOf, bodyMotionOf, spreadOf } from "./motion-found";
export { depthAsked, type DepthSeen } from "./depth-asked";
export { directOf, findLight } from "./light-found";
export { MOST_FILL } from "./judgement";
export { guardedOf } from "./guarded";
export { heldPartOf } from "./held-part";
export { lostLight } from "./lost-light";
export { settingsAsked } from "./settings-found";
export { backgroundOf, frameOf, keptCircleMm, partSizeOf } from "./sighting";
