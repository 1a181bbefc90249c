/** The stages as one module, loaded when the first of them is opened, with what computes a new outing. */
export { newOuting } from "@/outing/begin/new-outing";
export { BriefScreen } from "./brief/BriefScreen";
export { ExposeScreen } from "./expose/ExposeScreen";
export { FrameScreen } from "./frame/FrameScreen";
export { GroundScreen } from "./ground/GroundScreen";
export { ReviewScreen } from "./review/ReviewScreen";
export { RunScreen } from "./run/RunScreen";
export { OutingShell } from "./stage/OutingShell";
