import { useEffect, useState } from "react";
import type { OutingView } from "@/outing/outing-view";
import { useOpenOuting } from "./use-outing";

/** Milliseconds without a change after which the hand counts as at rest. */
const REST = 150;

/**
 * What is told of the outing, read once the hand rests: what stands folded costs a drag nothing. `select` is the same function
 * from one drawing to the next; another `again` reads anew.
 */
export function useAtRest<T>(select: (view: OutingView) => T, again?: unknown): T {
  const { store } = useOpenOuting();
  const [told, setTold] = useState(() => select(store.getState().view));
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const wait = (): void => {
      clearTimeout(timer);
      timer = setTimeout(() => setTold(select(store.getState().view)), REST);
    };
    const leave = store.subscribe(wait);
    // What changed between the drawing and this moment.
    wait();
    return () => {
      leave();
      clearTimeout(timer);
    };
  }, [store, select, again]);
  return told;
}
