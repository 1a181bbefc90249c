/** The stages as one module, loaded when the first of them is opened. */
export { ALL_PANELS } from "./askable";
export { OutingShell } from "./OutingShell";
export { StageOf } from "./StageOf";
