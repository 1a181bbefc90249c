export { bringIn, type OnConflict } from "./bring-in";
export type { Fault } from "./migrate";
export { outingFileName, readOuting, writeOuting, type Outing, type OutingRead } from "./outing-file";
export { DEFAULT_PREFERENCES } from "./records";
export {
  createRepository,
  type KeyValueStore,
  type ReadFailure,
  type Repository,
  type SaveFailure,
  type Saved,
  type Unreadable,
} from "./repository";
export {
  kitSchema,
  shootSchema,
  type Choice,
  type Preferences,
  type Shoot,
  type StoredKit,
  type ThemeName,
} from "./schema";
export { choiceOf, clockOf, lightPlanOf, rigOf, shotInHand, windowOf } from "./shoot-inputs";
export { instantOf, wallTimeOf, type Instant } from "./wall-time";
