import { useEffect, useRef } from "react";
import { View } from "react-native";
import Svg from "react-native-svg";
import { fitView } from "@/ui/plan/view";
import { DrawnIn } from "@/ui/theme/theme";
import { useOuting } from "../../../outing/use-outing";
import { Grass, Lit, Names, Standing, SunShadows } from "./GroundDrawing";
import { SheetMarks } from "./SheetMarks";
import { everything } from "./use-ground-view";

/** Px of the plan as it leaves. */
export const PLAN_SIZE = { width: 760, height: 860 };
const MARGINS = { left: 40, right: 56, top: 48, bottom: 48 };

/** The whole ground drawn by day out of sight, handed over once it stands: the content of an SVG element of that size. */
export function DrawnPlan({ onDrawn }: { onDrawn: (inner: string) => void }) {
  const outing = useOuting((v) => v.outing);
  const box = useRef<View>(null);
  const view = fitView(everything(outing.ground), PLAN_SIZE, outing.ground.venue.bearing, MARGINS);
  useEffect(() => {
    const svg = (box.current as unknown as HTMLElement | null)?.querySelector("svg");
    // As XML: the markup of a page has names for signs that an SVG reader does not know.
    const xml = new XMLSerializer();
    if (svg) onDrawn([...svg.childNodes].map((node) => xml.serializeToString(node)).join(""));
    // Once: it is taken away as soon as it is handed over.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <View ref={box} aria-hidden style={{ display: "none" }}>
      <DrawnIn theme="day">
        <Svg width={view.width} height={view.height}>
          <Grass view={view} />
          <SunShadows view={view} />
          <Standing view={view} />
          <Lit view={view} />
          <Names view={view} />
          <SheetMarks view={view} />
        </Svg>
      </DrawnIn>
    </View>
  );
}
