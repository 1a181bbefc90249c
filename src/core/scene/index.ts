export { NIGHT_LUX, sceneAt, type LightPlan, type Scene } from "./scene";
export type { Intent, Shot } from "./shot";
