import { useEffect } from "react";
import { create } from "zustand";

const useOpen = create<{ readonly open: number }>(() => ({ open: 0 }));

/** Whether a dialog stands over the page. */
export const useUnderDialog = (): boolean => useOpen((s) => s.open > 0);

/** Counts a dialog among the open ones for as long as it is. */
export function useCountDialog(open: boolean): void {
  useEffect(() => {
    if (!open) return undefined;
    useOpen.setState((s) => ({ open: s.open + 1 }));
    return () => useOpen.setState((s) => ({ open: s.open - 1 }));
  }, [open]);
}
