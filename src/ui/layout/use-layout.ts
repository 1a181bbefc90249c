import { useWindowDimensions } from "react-native";

/** Px from which drawing and figures stand side by side; a screen that lies on its side has them so earlier. */
const WIDE = 960;
const LYING = { width: 600, height: 560 };
/** Px from which there is room for a column that says what is open in each stage. */
const ROOMY = 1100;
const VERY_WIDE = 1700;
/** Px of height under which what is always in view is drawn smaller. */
const LOW = 640;

export interface Layout {
  /** Drawing and figures side by side. */
  readonly columns: boolean;
  /** Where the way about stands: along the bottom edge, as a narrow rail, or as a column with a line beneath each name. */
  readonly nav: "bottom" | "rail" | "column";
  /** Wide and of little height, as a phone that lies on its side. */
  readonly lying: boolean;
  /** Little height: what is always in view is drawn smaller. */
  readonly low: boolean;
  /** Px of the column of figures. */
  readonly side: number;
}

/** How a screen is laid out at the window's size. */
function layoutOf(width: number, height: number): Layout {
  const lying = width >= LYING.width && height < LYING.height;
  const columns = width >= WIDE || lying;
  const nav = !columns ? "bottom" : width >= ROOMY && !lying ? "column" : "rail";
  const side = width >= VERY_WIDE ? 520 : Math.round(Math.min(412, 0.46 * width));
  return { columns, nav, lying, low: height < LOW, side };
}

export function useLayout(): Layout {
  const { width, height } = useWindowDimensions();
  return layoutOf(width, height);
}
