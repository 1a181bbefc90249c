import { create } from "zustand";

interface Unfolded {
  /** Panels by id that were opened or folded by hand; the others stand as their list says. */
  readonly panels: Readonly<Record<string, boolean>>;
  /** Whether the sheet under a drawing is raised. */
  readonly raised: boolean;
  readonly fold: (id: string, open: boolean) => void;
  readonly raise: (raised: boolean) => void;
}

/** What is open on the screens, for as long as the page lives: who goes to another stage and back finds it as it was. */
export const useUnfolded = create<Unfolded>((set) => ({
  panels: {},
  raised: false,
  fold: (id, open) => set(({ panels }) => ({ panels: { ...panels, [id]: open } })),
  raise: (raised) => set({ raised }),
}));
