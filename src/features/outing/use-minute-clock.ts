import { useEffect, useState } from "react";

const MINUTE = 60_000;

/** The device's clock, read again at every full minute. Epoch milliseconds. */
export function useMinuteClock(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setTimeout(() => setNow(Date.now()), MINUTE - (Date.now() % MINUTE) + 20);
    return () => clearTimeout(timer);
  }, [now]);
  return now;
}
