export { assess } from "./assess";
export type {
  AssessInput,
  Assessment,
  Judgement,
  JudgementCode,
  LightFound,
  MotionFound,
  NoPicture,
  PartMotion,
  PricedWay,
  SettingsFound,
  Sighting,
} from "./assessment";
export { blurLadder, type Rung } from "./blur-ladder";
export { comingUp, type Coming } from "./coming-up";
export { timeline, type Break, type Timeline, type TimelineInput, type TimelinePoint } from "./timeline";
