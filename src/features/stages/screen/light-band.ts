import { useEffect, useState } from "react";
import type { LightCouldBe } from "@/outing/forecast/forecast";
import { useOpenOuting, useOuting } from "../../outing/use-outing";

/** Milliseconds after which the band is worked out: a drag is not held up by it. */
const AFTER = 200;

/** The light as a band where the outing has a forecast; worked out late and beside the first picture. */
export function useLightBand(): readonly LightCouldBe[] | undefined {
  const { store } = useOpenOuting();
  const forecast = useOuting((v) => v.outing.forecast);
  const timeline = useOuting((v) => v.timeline);
  const [band, setBand] = useState<readonly LightCouldBe[]>();
  useEffect(() => {
    if (!forecast) return undefined;
    const timer = setTimeout(() => {
      void import("@/outing/forecast/forecast").then(({ lightBand }) =>
        setBand(lightBand(store.getState().view)),
      );
    }, AFTER);
    return () => clearTimeout(timer);
    // The course of the light changes with all that the band hangs on.
  }, [store, forecast, timeline]);
  return forecast && band;
}
