export type { Animal, Danger } from "./danger";
export type { Guarded, Peril, PerilCode } from "./perils";
export { mayBeProposed, mayStand, type MayStand } from "./may-stand";
