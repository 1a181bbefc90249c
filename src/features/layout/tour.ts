import { create } from "zustand";

/** The outing of the demo that the tour leads through. */
export const TOURED = "hockey-semi-final";

const KEY = "bp/tour";

function kept(): number | undefined {
  try {
    const step = Number(localStorage.getItem(KEY) ?? "NaN");
    return Number.isInteger(step) && step >= 0 ? step : undefined;
  } catch {
    return undefined;
  }
}

interface Tour {
  /** The step that is shown; none while nobody is led. */
  readonly step: number | undefined;
  /** Begins where it was left, else at the first. */
  readonly begin: () => void;
  readonly go: (step: number) => void;
  /** Leaves it: it is taken up at the same step. */
  readonly leave: () => void;
  readonly end: () => void;
}

const keep = (step: number | undefined): void => {
  try {
    if (step === undefined) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, String(step));
  } catch {
    // Without room it begins at the first step again.
  }
};

/** The tour through the demo, where somebody is in it; the step is kept on this device, so that it is taken up anywhere. */
export const useTour = create<Tour>((set) => ({
  step: undefined,
  begin: () => set({ step: kept() ?? 0 }),
  go: (step) => {
    keep(step);
    set({ step });
  },
  leave: () => set({ step: undefined }),
  end: () => {
    keep(undefined);
    set({ step: undefined });
  },
}));
