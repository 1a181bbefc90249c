import { useEffect, useRef } from "react";
import { callsOf, type Call, type Step } from "@/outing/programme/order";
import { useToast } from "@/ui/layout/toast";
import { callWords } from "@/words/programme";
import { useDevice } from "../../../device/use-device";
import { useOuting } from "../../../outing/use-outing";
import { useMeet } from "../coming-in/meet-store";
import { useSignals } from "../this-phone/signals";

/** A long one and a short one for a call, three short ones to leave. */
const SHAKES = { call: [400, 150, 150], leave: [150, 100, 150, 100, 150] };
/** Milliseconds that the clock may go on between two looks and still be the same watch, not a jump of it. */
const ONE_LOOK = 15 * 60_000;

/** At each call of the order, and when it is time to leave: told, shaken and, where one may, sounded, behind another page as a notice; once. */
export function useCalls(steps: readonly Step[]): void {
  const at = useOuting((v) => v.at);
  const quiet = useOuting(({ outing }) => outing.kind === "wild");
  const theme = useOuting(({ preferences }) => preferences.theme);
  const live = useOuting((v) => v.live);
  const played = useMeet((s) => s.state === "on" || s.state === "cut-off");
  const { vibrates, sounds, notices } = useSignals();
  const device = useDevice();
  const toast = useToast();
  const last = useRef(at);
  const told = useRef(new Set<string>());
  useEffect(() => {
    const since = last.current;
    last.current = at;
    // Whoever looks at another minute is called by nothing; a meet that is played has a clock of its own.
    if ((!live && !played) || at <= since || at - since > ONE_LOOK) return;
    const due = callsOf(steps).filter((c) => c.at > since && c.at <= at && !told.current.has(keyOf(c)));
    const [first] = due;
    if (!first) return;
    due.forEach((c) => told.current.add(keyOf(c)));
    const name = (call: Call): string => steps.find((s) => s.event.id === call.eventId)?.event.name ?? "";
    const words = due.map((c) => callWords(c.number, name(c))).join(" ");
    const silent = !sounds || quiet || theme === "hide";
    toast({ words, follows: true });
    if (vibrates) device.vibrate(SHAKES[due.some((c) => c.number === 0) ? "leave" : "call"]);
    if (!silent) void device.tone();
    // In front of the page the message on it is enough.
    if (notices && document.visibilityState === "hidden") void device.notify({ title: words, silent });
  }, [at, live, played, steps, device, vibrates, sounds, notices, quiet, theme, toast]);
}

const keyOf = ({ eventId, number, at }: Call): string => `${eventId} ${number} ${at}`;
