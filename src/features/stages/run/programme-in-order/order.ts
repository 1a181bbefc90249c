import { useEffect, useMemo } from "react";
import type { Coverage } from "@/core/schedule";
import type { Outing } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { coverageInput } from "@/outing/programme/coverage-input";
import {
  changesOfOrder,
  hadBy,
  seenBy,
  stepsOf,
  type OrderChange,
  type Step,
} from "@/outing/programme/order";
import type { Run } from "@/workers/long-work-client";
import { leftForSecond } from "@/outing/programme/shared-out";
import { paceOf } from "@/outing/pace";
import { slice } from "../../../outing/slice";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";

/** The order of an outing as this tab worked it out. */
export interface Ordered {
  readonly answer: Coverage;
  /** What it was worked out of: another programme or ground asks for it anew. */
  readonly programme: Outing["programme"];
  readonly ground: Outing["ground"];
  /** What is had already. */
  readonly had: readonly string[];
  /** The share of each event that was seen already. */
  readonly seen: Readonly<Record<string, number>>;
  /** Against the order before it. */
  readonly changes: readonly OrderChange[];
}

interface Ordering {
  readonly ordered?: Ordered;
  /** How far it is, 0 to 1, while it is worked out. */
  readonly share?: number;
  readonly failed: boolean;
  /** Orders what is left anew, from where and when one is. */
  readonly order: (view: OutingView) => Promise<void>;
  /** What a second photographer would cover of what the last order leaves; nothing where it could not be worked out. */
  readonly forSecond: (view: OutingView) => Promise<Coverage | undefined>;
  readonly stop: () => void;
}

/** The day's order, worked out in the worker: a newer question replaces the one before it. */
export const ordering = slice<Ordering>(() => (set, get) => {
  let run: Run<Coverage> | undefined;
  const order = async (view: OutingView): Promise<void> => {
    run?.stop();
    const { outing, at } = view;
    const { programme, ground } = outing;
    const { ordered: own } = get();
    const had = hadBy(own?.answer, own?.had ?? [], outing, at);
    const seen = seenBy(own?.answer, own?.seen ?? {}, outing, at);
    set({ share: 0, failed: false });
    const { startWork } = await import("@/workers/long-work-client");
    const mine: Run<Coverage> = startWork("coverage", coverageInput(view, had, seen), ({ done, total }) => {
      if (run === mine) set({ share: done / total });
    });
    run = mine;
    const result = await mine.result;
    if (run !== mine) return;
    run = undefined;
    if (!result.ok) return set({ share: undefined, failed: result.reason !== "stopped" });
    const changes = own ? changesOfOrder(own.answer, result.value) : [];
    set({ share: undefined, ordered: { answer: result.value, programme, ground, had, seen, changes } });
  };
  const forSecond = async (view: OutingView): Promise<Coverage | undefined> => {
    const first = get().ordered;
    if (!first) return undefined;
    const { startWork } = await import("@/workers/long-work-client");
    const asked = coverageInput(view, first.had, first.seen);
    const result = await startWork("coverage", leftForSecond(asked, first.answer), () => undefined).result;
    return result.ok ? result.value : undefined;
  };
  return { failed: false, order, forSecond, stop: () => run?.stop() };
});

/** The last order of the open outing, if this tab has one. */
export const useOrder = (): Ordered | undefined => ordering.useSlice(({ ordered }) => ordered);

/** The stops of the last order. */
export function useSteps(): readonly Step[] {
  const order = useOrder();
  const outing = useOuting((v) => v.outing);
  const pace = useOuting(paceOf);
  return useMemo(() => (order ? stepsOf(outing, order.answer, pace) : []), [order, outing, pace]);
}

/** Orders the day by itself, at first and whenever its programme or its ground has changed. */
export function useKeptInOrder(): void {
  const { store } = useOpenOuting();
  const programme = useOuting((v) => v.outing.programme);
  const ground = useOuting((v) => v.outing.ground);
  const order = useOrder();
  const stale = order?.programme !== programme || order?.ground !== ground;
  useEffect(() => {
    const { view } = store.getState();
    if (stale) void ordering.of(view.outing.id).getState().order(view);
    // Each change asks once: a run that failed or was stopped is not begun again by itself.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [programme, ground, store]);
}
