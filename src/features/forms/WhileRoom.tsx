import type { ReactNode } from "react";
import { LIMITS, type Limited } from "@/data";
import { Txt } from "@/ui/controls/Txt";

interface Props {
  readonly things: Limited;
  /** How many there are. */
  readonly count: number;
  /** What adds another. */
  readonly children: ReactNode;
}

/** What adds a thing to a list; in its place, once the list is full, a line that says so. */
export function WhileRoom({ things, count, children }: Props) {
  if (count < LIMITS[things]) return children;
  return (
    <Txt tone="bracken">{`${LIMITS[things]} ${things} are kept at most. Delete one to add another.`}</Txt>
  );
}
