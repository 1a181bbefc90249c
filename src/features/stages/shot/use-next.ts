import { useMemo } from "react";
import { useOpenOuting } from "../../outing/use-outing";

/** The one after or before an id in a list, round its end; undefined where there is no other. */
function beside<T extends { readonly id: string }>(
  items: readonly T[],
  id: string,
  by: 1 | -1,
): T | undefined {
  const at = items.findIndex((item) => item.id === id);
  const next = items[(at + by + items.length) % items.length];
  return next?.id === id ? undefined : next;
}

/** Goes on to the next shot or position of the outing, or back, round the end of the list. */
export function useNext(): { readonly shot: (by: 1 | -1) => void; readonly position: (by: 1 | -1) => void } {
  const { store, takeShot, standAt } = useOpenOuting();
  return useMemo(
    () => ({
      shot: (by) => {
        const { outing, shot } = store.getState().view;
        const next = beside(outing.shots, shot.id, by);
        if (next) takeShot(next.id);
      },
      position: (by) => {
        const { outing, position } = store.getState().view;
        const next = beside(outing.ground.positions, position?.id ?? "", by);
        if (next) standAt(next.id);
      },
    }),
    [store, takeShot, standAt],
  );
}
