import { useWindowDimensions } from "react-native";

const WIDE = 960;

/** Whether drawing and figures stand side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE;
