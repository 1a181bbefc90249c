import { QueryClientProvider } from "@tanstack/react-query";
import { useFonts } from "expo-font";
import { Fragment, useEffect, useMemo, useState, type ReactNode } from "react";
import { ToastProvider } from "@/ui/layout/toast";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { ThemeProvider } from "@/ui/theme/theme";
import { useAsking } from "../layout/asking";
import { Late } from "../layout/Late";
import { useTour } from "../layout/tour";
import { followDisplay } from "../store/display";
import { resumePending, useKept } from "../store/kept";
import { usePreferences } from "../store/preferences";
import { createQueryClient } from "../store/query-client";
import { markTheme } from "../store/storage";
import { useUnsaved, warnOnLeaving } from "../store/unsaved";
import { followWrites } from "../store/written";

/** What every screen stands in: the type, the theme, the store, the toast. */
export function AppShell({ children }: { children: ReactNode }) {
  const [client] = useState(createQueryClient);
  useEffect(() => followWrites(client), [client]);
  useEffect(() => followDisplay(client), [client]);
  useEffect(() => resumePending(client), [client]);
  useEffect(warnOnLeaving, []);
  const [ready, failed] = useFonts({
    "Text-400": require("@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf"),
    "Text-600": require("@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf"),
    "Text-700": require("@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf"),
  });
  const isReady = ready || failed !== null;
  // The watchdog of public/start.js waits for it: what cannot be drawn has not started.
  useEffect(() => {
    if (isReady) window.dispatchEvent(new Event("bp-started"));
  }, [isReady]);
  if (!isReady) return null;
  return (
    <QueryClientProvider client={client}>
      <Themed>
        <ToastProvider>
          <KeptOrSaid />
          <Toured />
          {children}
          <Asked />
          <Late load={loadUpdateOffer}>{(UpdateOffer) => <UpdateOffer />}</Late>
        </ToastProvider>
      </Themed>
    </QueryClientProvider>
  );
}

/** Milliseconds after which a new version is looked for: not while the application starts. */
const UPDATE_AFTER = 2000;

async function loadUpdateOffer() {
  await new Promise((done) => setTimeout(done, UPDATE_AFTER));
  return (await import("./UpdateOffer")).UpdateOffer;
}

const loadTour = async () => (await import("../tour/Tour")).Tour;

function Toured() {
  const isLed = useTour((s) => s.step !== undefined);
  return isLed ? <Late load={loadTour}>{(Tour) => <Tour />}</Late> : null;
}

const loadAsk = async () => (await import("./AskHost")).AskHost;

/** The one field in which anything is asked; `/` opens it everywhere. */
function Asked() {
  const { isOpen, open } = useAsking();
  useHotkeys(useMemo(() => ({ "/": open }), [open]));
  return isOpen ? <Late load={loadAsk}>{(AskHost) => <AskHost />}</Late> : null;
}

const loadNothingKept = async () => (await import("./NothingKept")).NothingKept;

function KeptOrSaid() {
  const isWhole = useUnsaved((s) => !s.isAll && !s.isUnmoved);
  if (isWhole) return null;
  return <Late load={loadNothingKept}>{(NothingKept) => <NothingKept />}</Late>;
}

/** Theme, units and clock as the user likes them; other units draw every screen anew. */
function Themed({ children }: { children: ReactNode }) {
  const { theme, units, clock } = usePreferences();
  const { data } = useKept("preferences");
  useEffect(() => {
    if (data?.ok) markTheme(data.value);
  }, [data]);
  return (
    <ThemeProvider theme={theme}>
      <Fragment key={`${units} ${clock}`}>{children}</Fragment>
    </ThemeProvider>
  );
}
