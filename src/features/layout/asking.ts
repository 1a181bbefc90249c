import { create } from "zustand";
import type { OutingView } from "@/outing/outing-view";

/** The open outing as far as it answers questions: its stage, a line of each panel that applies, and the way to it. */
export interface AskedOuting {
  readonly outingId: string;
  readonly stage: string;
  /** The line of a panel of a stage; nothing where it does not apply to what is in hand. */
  readonly line: (stage: string, panelId: string) => string | undefined;
  /** The outing as it is looked at. */
  readonly view: () => OutingView;
  /** Unfolds a panel, so that it is seen when its stage is opened. */
  readonly unfold: (panelId: string) => void;
}

interface Asking {
  readonly isOpen: boolean;
  readonly outing: AskedOuting | undefined;
  readonly open: () => void;
  readonly close: () => void;
  readonly hold: (outing: AskedOuting | undefined) => void;
}

/** Whether something is being asked, and of which outing; a matter of the tab. */
export const useAsking = create<Asking>((set) => ({
  isOpen: false,
  outing: undefined,
  open: () => set({ isOpen: true }),
  close: () => set({ isOpen: false }),
  hold: (outing) => set({ outing }),
}));
