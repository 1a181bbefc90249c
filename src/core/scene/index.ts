export { VARIANTS, variantsFor, type Variant } from "./variants";
export { cloudOf, NIGHT_LUX, sceneAt, type LightPlan, type Scene } from "./scene";
export type { DepthWish, Intent, PrintOrder, Shot, Side } from "./shot";
export { depthWishFor } from "./depth-wish";
export { cloudAt, type CloudAt } from "./cloud";
