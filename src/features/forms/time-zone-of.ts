import tzLookup from "@photostructure/tz-lookup";

/** The IANA time zone of a place, found offline, the device's where no place is told; UTC where none is known (the table covers land and sea). */
export function timeZoneOf(latitude?: number, longitude?: number): string {
  if (latitude === undefined || longitude === undefined)
    return Intl.DateTimeFormat().resolvedOptions().timeZone;
  try {
    return tzLookup(latitude, longitude);
  } catch {
    return "UTC";
  }
}
