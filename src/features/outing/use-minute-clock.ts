import { useEffect, useState } from "react";

const MINUTE = 60_000;

/**
 * The device's clock, read again at every full minute while the page is seen, and when it is looked at again: clocks are set meanwhile, and
 * nothing ticks behind another page.
 */
export function useMinuteClock(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const wait = MINUTE - (Date.now() % MINUTE) + 20;
    const timer = document.hidden ? undefined : setTimeout(() => setNow(Date.now()), wait);
    const look = (): void => setNow(Date.now());
    document.addEventListener("visibilitychange", look);
    window.addEventListener("focus", look);
    return () => {
      clearTimeout(timer);
      document.removeEventListener("visibilitychange", look);
      window.removeEventListener("focus", look);
    };
  }, [now]);
  return now;
}
