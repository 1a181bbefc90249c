export { bodySeen, middleOf, viewOf, type SolidSeen } from "./view";
export { FIGURES, type FigureName } from "./figures";
export type { Figure, Posed, PosedAsked } from "./figure";
export type { Wears } from "./poses/pose-of";
export { shadowSeen, type Light } from "./shadow";
export { reachAlong, waysOf, type Solid, type SolidPart, type View } from "./solid";
