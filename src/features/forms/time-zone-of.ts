import tzLookup from "@photostructure/tz-lookup";

/** The IANA time zone of a place, found offline; UTC where none is known (the table covers land and sea). */
export function timeZoneOf(latitude: number, longitude: number): string {
  try {
    return tzLookup(latitude, longitude);
  } catch {
    return "UTC";
  }
}
