import { create } from "zustand";

/** The open outing as far as it answers questions: its stage, a line of each panel that applies, and the way to it. */
export interface AskedOuting {
  readonly outingId: string;
  readonly stage: string;
  /** The line of a panel of a stage; nothing where it does not apply to what is in hand. */
  readonly line: (stage: string, panelId: string) => string | undefined;
  /** What a shutter of so many seconds does to the picture in hand; nothing while there is none. */
  readonly atShutter: (seconds: number) => string | undefined;
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
