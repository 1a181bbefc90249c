import { EXPOSURE_FORMULAS } from "../exposure/formulas";
import { GROUND_FORMULAS } from "../ground/formulas";
import { LIGHT_FORMULAS } from "../light/formulas";
import { MOTION_FORMULAS } from "../motion/formulas";
import { OPTICS_FORMULAS } from "../optics/formulas";
import { REVIEW_FORMULAS } from "../review/formulas";
import { SCHEDULE_FORMULAS } from "../schedule/formulas";
import { JUDGE_FORMULAS } from "../judge/formulas";
import { JUDGE_METHODS } from "./methods";
import { PANEL_METHODS } from "./panel-methods";

/** Every public function that a figure may come from, by its name; after a point the field of its result. */
export const FUNCTIONS = Object.freeze({
  ...GROUND_FORMULAS,
  ...OPTICS_FORMULAS,
  ...MOTION_FORMULAS,
  ...LIGHT_FORMULAS,
  ...EXPOSURE_FORMULAS,
  ...SCHEDULE_FORMULAS,
  ...REVIEW_FORMULAS,
  ...JUDGE_FORMULAS,
  ...JUDGE_METHODS,
  ...PANEL_METHODS,
});

export type FunctionName = keyof typeof FUNCTIONS;

/** The functions that have a closed form. */
export type FormulaName = {
  [N in FunctionName]: (typeof FUNCTIONS)[N]["kind"] extends "formula" ? N : never;
}[FunctionName];

/** The functions that search, halve, sum or look up. */
export type MethodName = Exclude<FunctionName, FormulaName>;
