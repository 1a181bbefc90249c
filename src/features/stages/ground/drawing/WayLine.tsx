import { Path } from "react-native-svg";
import type { Point } from "@/core/ground";
import { pathOf } from "@/ui/plan/paths";
import type { PlanView } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";

/** A way on foot over a plan, parted from what lies under it. */
export function WayLine({ view, way }: { readonly view: PlanView; readonly way: readonly Point[] }) {
  const { sheet, sun } = useTokens();
  const d = pathOf(view, way, false);
  return (
    <>
      <Path d={d} fill="none" stroke={sheet} strokeWidth={5} />
      <Path d={d} fill="none" stroke={sun} strokeWidth={2.5} />
    </>
  );
}
