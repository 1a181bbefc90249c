import { useState } from "react";

export interface Here {
  readonly latitude: number;
  readonly longitude: number;
  /** Metres by which the place may be off, where the device says so. */
  readonly accuracy?: number;
}

type Trouble = "refused" | "unknown" | "none";

const WORDS: Readonly<Record<Trouble, string>> = {
  refused: "This browser may not tell where you are. Allow it for this page, or type the coordinates.",
  unknown: "Where you are cannot be found just now. Go outdoors, or type the coordinates.",
  none: "This device cannot tell where it is. Type the coordinates.",
};

const PATIENCE = 15_000;
/** GeolocationPositionError.PERMISSION_DENIED. */
const DENIED = 1;

/** Asks the device where it is, with the browser's own question to the user; what fails is said in a sentence. */
export function useHere(onFound: (here: Here) => void) {
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<Trouble>();
  const ask = (): void => {
    if (!("geolocation" in navigator)) {
      setTrouble("none");
      return;
    }
    setAsking(true);
    setTrouble(undefined);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        setAsking(false);
        onFound({
          latitude: Math.round(coords.latitude * 1e5) / 1e5,
          longitude: Math.round(coords.longitude * 1e5) / 1e5,
          accuracy: coords.accuracy,
        });
      },
      (error) => {
        setAsking(false);
        setTrouble(error.code === DENIED ? "refused" : "unknown");
      },
      { enableHighAccuracy: true, timeout: PATIENCE },
    );
  };
  return { ask, asking, trouble: trouble && WORDS[trouble] };
}
