/** What one draws with, as one late module: its parts are seen together. */
export { DrawBar } from "./DrawBar";
export { DrawnPlan } from "./DrawnPlan";
export { GroundFiles } from "./GroundFiles";
export { OnTheGround } from "./OnTheGround";
export { Shown } from "./Shown";
export { ThingFields } from "./ThingFields";
export { TracePicture } from "./TracePicture";
