import { useState, type ReactNode } from "react";
import type { OutingView } from "@/outing/outing-view";
import type { OutingStorage } from "@/outing/writer";
import { openOuting } from "./outing-store";
import { OpenOutingContext } from "./use-outing";

/** Not an outing of the list: what a tab remembers of looking at it is its own. */
const TRIAL = "on-trial";

/** Takes every write and keeps none. */
const NOWHERE: OutingStorage = {
  save: (outing) => Promise.resolve({ ok: true, value: { ...outing, revision: outing.revision + 1 } }),
  read: () => Promise.resolve({ ok: false, reason: "missing" }),
  states: () => Promise.resolve([]),
  at: () => Promise.resolve({ ok: false, reason: "missing" }),
};

/** Draws panels over an outing that things are tried on with: they do what they do, and nothing of it is kept. */
export function OnTrial({ view, children }: { view: OutingView; children: ReactNode }) {
  const [open] = useState(() => {
    const { outing, kit, preferences, library, now, shot } = view;
    const trial = openOuting({
      outing: { ...outing, id: TRIAL, shotId: shot.id },
      kit,
      preferences,
      library,
      now,
      storage: NOWHERE,
      onStored: () => undefined,
      onUnsaved: () => undefined,
    });
    trial.takeShot(shot.id);
    return trial;
  });
  return <OpenOutingContext.Provider value={open}>{children}</OpenOutingContext.Provider>;
}
