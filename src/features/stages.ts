/** The stages as one module, loaded when the first of them is opened. */
export { ExposeScreen } from "./expose/ExposeScreen";
export { GroundScreen } from "./ground/GroundScreen";
export { RunScreen } from "./run/RunScreen";
export { OutingShell } from "./stage/OutingShell";
