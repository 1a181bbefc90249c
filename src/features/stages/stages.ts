/** The stages as one module, loaded when the first of them is opened, with what computes a new outing. */
export { newOuting } from "@/outing/begin/new-outing";
export { OutingShell } from "./OutingShell";
export { StageOf } from "./StageOf";
