export { FUNCTIONS, type FormulaName, type FunctionName, type MethodName } from "./registry";
