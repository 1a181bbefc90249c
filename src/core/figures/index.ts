export { FUNCTIONS, type FormulaName, type FunctionName, type MethodName } from "./registry";
export { TOLD, type ToldName } from "./told";
