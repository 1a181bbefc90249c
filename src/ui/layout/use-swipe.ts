import { useRef } from "react";
import type { GestureResponderEvent } from "react-native";

/** Px that a finger goes across for a swipe, and how much more across than along it has to go. */
const LEAST = 56;
const SLOPE = 1.5;

interface Swipe {
  readonly onTouchStart: (event: GestureResponderEvent) => void;
  readonly onTouchEnd: (event: GestureResponderEvent) => void;
}

/** A finger swept across: +1 to the left, which brings the next, −1 to the right. What scrolls up and down goes on scrolling. */
export function useSwipe(onSwipe: (by: 1 | -1) => void): Swipe {
  const from = useRef<{ readonly x: number; readonly y: number }>(undefined);
  const placeOf = ({ nativeEvent: { changedTouches } }: GestureResponderEvent) => {
    const touch = changedTouches[0]!;
    return { x: touch.pageX, y: touch.pageY };
  };
  return {
    onTouchStart: (event) => {
      from.current = placeOf(event);
    },
    onTouchEnd: (event) => {
      const [start, end] = [from.current, placeOf(event)];
      from.current = undefined;
      if (!start) return;
      const [across, along] = [end.x - start.x, end.y - start.y];
      if (Math.abs(across) >= LEAST && Math.abs(across) > SLOPE * Math.abs(along))
        onSwipe(across < 0 ? 1 : -1);
    },
  };
}
