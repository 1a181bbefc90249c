export {
  apertureWords,
  bearingWords,
  changedWords,
  clicksAsStops,
  clicksWords,
  dateWords,
  evWords,
  exposureWords,
  focalWords,
  isoWords,
  luxWords,
  metresWords,
  percentWords,
  settingsWords,
  shutterWords,
  signedStops,
  stopsNoun,
  twoFigures,
} from "./format";
export { faultWords, readingFailure, savingFailure } from "./failures";
export {
  backgroundWords,
  blurSourceWords,
  breakWords,
  endWords,
  faceWords,
  judgementSentence,
  lightSideWords,
  noPictureSentence,
  sacrificeWords,
  softnessWords,
  verdictWords,
} from "./judgements";
export { intentWords, modeSentence, placeWords, scoreWords } from "./places";
export { hasReason, reasonSentence, sourceWords } from "./reasons";
