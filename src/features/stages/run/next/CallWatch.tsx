import { useKeptInOrder, useSteps } from "../programme-in-order/order";
import { useCalls } from "./use-calls";

/** Keeps the day in order and calls, on whatever stage one is. It draws nothing. */
export function CallWatch() {
  useKeptInOrder();
  useCalls(useSteps());
  return null;
}
