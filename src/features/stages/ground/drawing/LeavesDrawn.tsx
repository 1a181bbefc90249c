import { useState, type ComponentProps } from "react";
import type { Outing } from "@/data";
import type { Leaving as Chosen } from "@/outing/leaving/choice";
import { Leaving } from "../../../leaving/Leaving";
import { LookedAt } from "../../../outing/LookedAt";
import { DrawnPlan } from "./DrawnPlan";

interface Props extends Pick<ComponentProps<typeof Leaving>, "outing" | "kind" | "action" | "onClose"> {
  /** What was chosen to leave, the outing as it leaves by that, and the content of an SVG element with its plan. */
  readonly onDrawn: (leaving: Chosen, left: Outing, inner: string) => void;
}

/** Asks what of an outing leaves, then draws the plan of what does, out of sight. */
export function LeavesDrawn({ onDrawn, ...asked }: Props) {
  const [chosen, setChosen] = useState<{ readonly leaving: Chosen; readonly left: Outing }>();
  if (!chosen) return <Leaving {...asked} onLeave={(leaving, left) => setChosen({ leaving, left })} />;
  return (
    <LookedAt outing={chosen.left}>
      <DrawnPlan onDrawn={(inner) => onDrawn(chosen.leaving, chosen.left, inner)} />
    </LookedAt>
  );
}
