import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useLayoutEffect, useState, type ReactNode } from "react";
import type { Library, Outing, Preferences, StoredKit } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { recallUnsaved } from "@/outing/unsaved";
import type { OutingStorage } from "@/outing/writer";
import { ThemeProvider, type ThemeName } from "@/ui/theme/theme";
import { openRepository } from "../store/open-repository";
import { outingKey } from "../store/outings";
import { onWritten, recordKey } from "../store/written";
import { openOuting } from "./outing-store";
import { noteUnsaved } from "../store/unsaved";
import { OpenOutingContext, useOuting } from "./use-outing";
import { useMinuteClock } from "./use-minute-clock";

interface Props {
  readonly outing: Outing;
  readonly kit: StoredKit;
  readonly preferences: Preferences;
  readonly library: Library;
  readonly children: ReactNode;
}

/**
 * Opens an outing for all its stages. `outing` is where it begins: from then on the open outing is the latest, and the
 * stored one follows it.
 */
export function OutingProvider({ outing, kit, preferences, library, children }: Props) {
  const client = useQueryClient();
  const now = useMinuteClock();
  const [open] = useState(() =>
    openOuting({
      outing,
      kit,
      preferences,
      library,
      now,
      storage: STORAGE,
      left: recallUnsaved(sessionStorage, outing),
      onStored: (stored) => client.setQueryData(outingKey(outing.id), stored),
      onUnsaved: (left) => noteUnsaved(outing.id, left),
    }),
  );
  useEffect(
    () =>
      onWritten((keys) => {
        if (keys.includes(recordKey(outing.id))) void open.notice();
      }),
    [open, outing.id],
  );
  useLayoutEffect(
    () => open.receive({ kit, preferences, library, now }),
    [open, kit, preferences, library, now],
  );
  return (
    <OpenOutingContext.Provider value={open}>
      <ByLight>{children}</ByLight>
    </OpenOutingContext.Provider>
  );
}

const STORAGE: OutingStorage = {
  save: async (outing, note) => (await openRepository()).saveOuting(outing, note),
  read: async (id) => (await openRepository()).readOuting(id),
  states: async (id) => (await openRepository()).statesOfOuting(id),
  at: async (id, revision) => (await openRepository()).outingAt(id, revision),
};

/** Degrees of the sun below which the screen goes dusk, and below which a hide goes dark. */
const DUSK_FROM = 2;
const DARK_FROM = -4;

/** Where the theme follows the light, that of the outing's minute: day, dusk, and in the wild the hide's. */
function themeOf({ preferences, scene, outing }: OutingView): ThemeName {
  if (!preferences.themeByLight) return preferences.theme;
  const { altitude } = scene.sun;
  if (altitude > DUSK_FROM || scene.cover === "roof") return "day";
  return altitude < DARK_FROM && outing.kind === "wild" ? "hide" : "dusk";
}

function ByLight({ children }: { children: ReactNode }) {
  return <ThemeProvider theme={useOuting(themeOf)}>{children}</ThemeProvider>;
}
