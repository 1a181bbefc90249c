export {
  activityOf,
  isAbout,
  partOfDay,
  PARTS_OF_DAY,
  type Activity,
  type PartOfDay,
  type WhenAbout,
} from "./activity";
export { CAUTION_ROWS, type CautionRow } from "./cautions";
export { dangersOf } from "./dangers";
export { usualFraming, type UsualFraming } from "./framing";
export { likenedTo } from "./likened";
export { DAY_CONDITIONS, type DayCondition } from "./day-conditions";
export { BODIES, CONVERTERS, FORMATS, LENSES, SUPPORTS, type FormatRow, type Known } from "./kit";
export { LIGHTING_CLASSES, LIGHT_LEVELS, type LightingClass, type LightLevel } from "./light-levels";
export { animalName, type AnimalName } from "./scientific-names";
export { METER_SEES, meterSees, type MeterSees } from "./meter-sees";
export { CARE, forDay, PACKING, type CareId, type CareRow, type PackingRow } from "./packing";
export { TRADE_PLACES, type TradePlace } from "./places";
export { STARTING_SETTINGS, type StartingSettings } from "./starting-settings";
export {
  asSubject,
  BATS_AND_RACKETS,
  BIRDS,
  grownOf,
  HORSES,
  MAMMALS,
  PEOPLE,
  SUBJECTS,
  TEAM_SPORTS,
  wingTipSpeed,
  type CataloguePart,
  type CatalogueSubject,
  type SubjectGroup,
} from "./subjects";
export { bodyNamed, bodyNameOf, bodyOf, type Bodied, type BodyOf } from "./subjects/moves";
export { soughtUnder, venueWords } from "./sought-under";
export { STAGED, stagingOf, usualSubject, type Scenery, type Staging } from "./stagings";
export {
  EVENT_KINDS,
  eventKindOf,
  roundsIn,
  usualMinutes,
  type Counted,
  type EventKind,
  type Moment,
} from "./event-kinds";
export { mainsOf, type Mains } from "./mains";
