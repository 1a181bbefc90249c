import { useEffect, useState } from "react";

const MINUTE = 60_000;

/** The device's clock, read again at every full minute, and when the page is looked at again: clocks are set meanwhile. */
export function useMinuteClock(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setTimeout(() => setNow(Date.now()), MINUTE - (Date.now() % MINUTE) + 20);
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
