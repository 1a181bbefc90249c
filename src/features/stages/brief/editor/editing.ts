import { create } from "zustand";

/** What of the brief is being changed. */
export type Editing =
  "when" | "where" | "access" | "bag" | "cautions" | "new-shot" | { readonly shotId: string };

interface BriefEditor {
  readonly editing: Editing | undefined;
  readonly edit: (editing: Editing) => void;
  readonly close: () => void;
}

/** The one editor of the brief that is open; the sentences of several panels open it. */
export const useBriefEditor = create<BriefEditor>((set) => ({
  editing: undefined,
  edit: (editing) => set({ editing }),
  close: () => set({ editing: undefined }),
}));
