import type { LightWindow } from "@/core/year";
import { calendarText } from "../calendar";

/** Windows of light as a calendar. */
export const windowsCalendar = (place: string, windows: readonly LightWindow[], stamp: number): string =>
  calendarText(
    {
      name: `Light at ${place}`,
      place,
      product: "Light windows",
      events: windows.map(({ from, until, altitude, azimuth }) => ({
        id: `light-${from}`,
        from,
        until,
        title: `Light as wished, ${place}`,
        detail: `Sun ${Math.round(altitude)}° up in ${Math.round(azimuth)}°`,
      })),
    },
    stamp,
  );
