import { useState } from "react";
import { absentSentence, type Absent } from "@/words/device";
import { useDevice } from "../device/use-device";

export interface Here {
  readonly latitude: number;
  readonly longitude: number;
  /** Metres by which the place may be off, where the device says so. */
  readonly accuracy?: number;
}

const toFiveDecimals = (degrees: number): number => Math.round(degrees * 1e5) / 1e5;

/** Asks the device where it is, once, with the browser's own question to the user; what fails is said in a sentence. */
export function useHere(onFound: (here: Here) => void) {
  const device = useDevice();
  const [asking, setAsking] = useState(false);
  const [trouble, setTrouble] = useState<Absent>();
  const ask = (): void => {
    setAsking(true);
    setTrouble(undefined);
    let letGo: (() => void) | undefined;
    let isDone = false;
    const done = (): void => {
      isDone = true;
      setAsking(false);
      letGo?.();
    };
    letGo = device.watchPlace({
      onTold: ({ latitude, longitude, accuracy }) => {
        if (isDone) return;
        done();
        onFound({ latitude: toFiveDecimals(latitude), longitude: toFiveDecimals(longitude), accuracy });
      },
      onTrouble: (reason) => {
        if (isDone) return;
        done();
        setTrouble(reason);
      },
    });
    if (isDone) letGo();
  };
  return { ask, asking, trouble: trouble && absentSentence("coordinates", trouble) };
}
