import { useEffect, useRef, useState } from "react";
import type { PanDrill } from "@/answers/practice/pan";
import type { PanReading } from "@/core/practice";
import type { Absent } from "@/words/device";
import type { Turning } from "../../device/port";
import { useDevice } from "../../device/use-device";

interface Heard {
  readonly onOver: (readings: readonly PanReading[], told: readonly Turning[]) => void;
  readonly onTrouble: (reason: Absent) => void;
}

/** Milliseconds before a crossing begins, so that the hand is ready. */
const READY = 700;

/** One crossing at a time: its clock, where the hand points, what the phone tells of its turning. */
export function useCrossing({ seconds, task, toward }: PanDrill, isPhone: boolean, heard: Heard) {
  const device = useDevice();
  const [nearest, setNearest] = useState<number>();
  const [now, setNow] = useState(0);
  const [pointed, setPointed] = useState(0);
  const hand = useRef<PanReading[]>([]);
  const told = useRef<Turning[]>([]);
  const last = useRef(heard);
  useEffect(() => {
    last.current = heard;
  });
  useEffect(() => {
    if (nearest === undefined) return;
    let frame = 0;
    let letGo = (): void => undefined;
    let isOn = true;
    if (isPhone)
      void device
        .watchTurning({
          onTold: (one) => told.current.push(one),
          onTrouble: (reason) => last.current.onTrouble(reason),
        })
        .then((release) => (isOn ? (letGo = release) : release()));
    const draw = (): void => {
      const at = (performance.now() - nearest) / 1000;
      if (at > seconds / 2 + 0.2) {
        setNearest(undefined);
        last.current.onOver(hand.current, told.current);
        return;
      }
      setNow(at);
      frame = requestAnimationFrame(draw);
    };
    frame = requestAnimationFrame(draw);
    return () => {
      isOn = false;
      letGo();
      cancelAnimationFrame(frame);
    };
  }, [nearest, seconds, isPhone, device]);
  return {
    isGoing: nearest !== undefined,
    /** When the subject is nearest, by the page's clock; of the last crossing once it is over. */
    nearest: (): number | undefined => nearest,
    /** Seconds after the subject is nearest. */
    now,
    /** Where the hand points, −1 at the left edge of the view … 1 at the right. */
    pointed,
    start: (): void => {
      hand.current = [];
      told.current = [];
      setNow(-seconds / 2);
      setPointed(-toward);
      setNearest(performance.now() + READY + 500 * seconds);
    },
    /** The hand points there at an instant of the page's clock. */
    point: (share: number, stamp: number): void => {
      setPointed(share);
      if (nearest !== undefined)
        hand.current.push({ at: (stamp - nearest) / 1000, bearing: (toward * share * task.view) / 2 });
    },
  };
}

export type CrossingOf = ReturnType<typeof useCrossing>;
