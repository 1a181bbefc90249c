export { bodySeen, type BodySeen, type SolidSeen } from "./view";
export { mirrored, type PersonPose } from "./pose";
export { LENGTHS, posedPerson, type PosedPerson } from "./person";
export { DISCIPLINES, type DisciplineName } from "./disciplines";
export type { Discipline } from "./poses/pose-of";
export { shadowSeen, type Light } from "./shadow";
export { reachAlong, type Solid, type View } from "./solid";
