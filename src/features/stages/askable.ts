import { useEffect } from "react";
import { useAsking } from "../layout/asking";
import { useOpenOuting } from "../outing/use-outing";
import { GROUND } from "./ground/panels";
import { PANELS } from "./panels";
import type { Panel } from "./screen/panel";
import type { StageKey } from "./screen/stages";
import { useUnfolded } from "./screen/unfolded";

/** The panels of all stages, Ground as it is when nobody draws. */
export const ALL_PANELS: Readonly<Record<StageKey, readonly Panel[]>> = { ...PANELS, ground: GROUND };

/** Lets what is asked be answered by the open outing, for as long as its stage is seen. */
export function useAskable(stage: StageKey): void {
  const { store } = useOpenOuting();
  const hold = useAsking((s) => s.hold);
  useEffect(() => {
    hold({
      outingId: store.getState().view.outing.id,
      stage,
      line: (of, panelId) => {
        const { view } = store.getState();
        const panel = ALL_PANELS[of as StageKey].find((p) => p.id === panelId);
        if (!panel?.when(view)) return undefined;
        return panel.answer?.(view) ?? "";
      },
      view: () => store.getState().view,
      unfold: (panelId) => {
        const { fold, raise } = useUnfolded.getState();
        fold(panelId, true);
        raise(true);
      },
    });
    return () => hold(undefined);
  }, [store, hold, stage]);
}
