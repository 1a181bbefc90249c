import { heldSidesMm } from "@/core/optics";
import { answered } from "../answered";

/** Width over height of the frame as the camera is held; nothing while there is no kit. */
export const frameShape = answered(
  ({ rig, shot }) => [rig?.body.format, shot.orientation] as const,
  (format, orientation): number | undefined => {
    if (!format) return undefined;
    const { across, up } = heldSidesMm(format, orientation);
    return across / up;
  },
);
