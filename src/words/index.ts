export { changesWords, changeWords, recordChangesWords, recordChangeWords } from "./changes";
export { setExposure, setLines, setNames, setsVerdict } from "./card";
export {
  calmWords,
  eventSentence,
  eventWords,
  bandsSentence,
  flickerSentence,
  instantLines,
  shortTimeWords,
} from "./instant";
export {
  bodyInDepthSentence,
  bodyDetail,
  bodyTitle,
  converterDetail,
  converterTitle,
  groupSentence,
  leverDetail,
  isSofter,
  leverGain,
  leverTitle,
  magnificationWords,
  reachLines,
  sameOnFullFrameSentence,
  variantWords,
  fallingWords,
  focusRingSentence,
  printLines,
  roomWords,
  rowSentence,
  nearForSentence,
  takeOverSentence,
  partingNumbers,
  partingWords,
} from "./frame";
export { apexSentence, clickDoes, clickTo, halfStopsSentence, noiseSentence } from "./one-click";
export {
  aperturePrioritySentence,
  edgeSentence,
  facesSentence,
  offWords,
  pictureSaysWords,
  snowSentence,
  toneLines,
} from "./place-light";
export {
  leftSentences,
  rungDetail,
  rungWords,
  streakSentence,
  sweepSentences,
  warmUpSentence,
  type PanSentence,
} from "./pan";
export { setUpLines, setUpWords } from "./set-up";
export { causesOf, clickBuys, keptSentence, keptWords, logSays, ofHundred, type ChanceCause } from "./chance";
export {
  automaticMomentWords,
  automaticReachSentence,
  automaticSentence,
  compensationWords,
  misledWords,
  turnedWords,
} from "./automatic";
export {
  hourWords,
  lengthShown,
  lengthUnit,
  metresFrom,
  setDisplay,
  timeWords,
  type Display,
} from "./display";
export {
  metresRangeWords,
  roundLengthWords,
  signedClicks,
  apertureRangeWords,
  apertureWords,
  bearingWords,
  changedWords,
  clicksAsStops,
  clicksWords,
  anchorWords,
  coordinatesWords,
  bytesWords,
  countWords,
  dateWords,
  instantWords,
  evRangeWords,
  evWords,
  exposureWords,
  fNumberWords,
  focalRangeWords,
  focalWords,
  isoNumberWords,
  isoWords,
  luxWords,
  metresWords,
  minutesWords,
  percentWords,
  settingsWords,
  shutterWords,
  signedStops,
  sizeWords,
  speedWords,
  stopsNoun,
  twoFigures,
  weightWords,
} from "./format";
export {
  accessSentence,
  depthSentence,
  depthWords,
  priorityWords,
  shotSentence,
  techniqueWords,
  toleranceWords,
} from "./brief";
export { framingWords, hoursWords, monthsWords } from "./about-subject";
export { knownWords } from "./known";
export { areaWords, leaveWords, officialWords } from "./standing";
export { drawnKindWords, obstacleWords, swatchWords, trackKindWords, wayWords } from "./things";
export { surfaceWords } from "./surfaces";
export { figureWords } from "./figures";
export { faultWords, lampFileFaultWords, readingFailure, savingFailure } from "./failures";
export {
  backgroundWords,
  blurSourceWords,
  breakingWords,
  momentWords,
  endOfRailWords,
  endWords,
  faceWords,
  judgementSentence,
  lightSideWords,
  NO_SUN_WORDS,
  noPictureSentence,
  sacrificeWords,
  softnessSentence,
  softnessWords,
} from "./judgements";
export {
  asGoodWords,
  intentWords,
  kindWords,
  lampClassWords,
  modeSentence,
  modeWords,
  placeWords,
  scorePartWords,
  scoreWords,
} from "./places";
export { burstSentence, keepersSentence } from "./review";
export { readCoordinates } from "./read-coordinates";
export { readLength, readLengthShown } from "./read-length";
export { readNumber } from "./read-number";
export { reasonSentence, sourceName, sourceWords } from "./reasons";
export { moonWords, skyMarkWords, spotLightWords, sunEventWords } from "./sky";
export {
  blurredSentence,
  forwardWords,
  stopsLeftWords,
  stopSourceName,
  stopSourceWords,
  whyDarkSentence,
} from "./stops";
export { heldWayWords } from "./held-way";
export { railFigure, railWords } from "./rail";
export { numberWords } from "./number";
export { throughSentence, throughWords } from "./through";
export { verdictWords } from "./verdicts";
export { stillLines, stillSentences } from "./still";
