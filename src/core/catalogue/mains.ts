/** Frequency of the mains by time zone: 50 or 60 Hz, or both within one zone, where one has to ask. */
export type Mains = 50 | 60 | "both";

/** Zones whose mains run at 60 Hz, by their IANA names or the beginning of them (IEC's list of world plugs and frequencies, from memory). */
const SIXTY: readonly string[] = [
  "America/",
  "US/",
  "Canada/",
  "Pacific/Honolulu",
  "Pacific/Guam",
  "Pacific/Saipan",
  "Pacific/Pago_Pago",
  "Pacific/Palau",
  "Pacific/Majuro",
  "Pacific/Kwajalein",
  "Asia/Seoul",
  "Asia/Taipei",
  "Asia/Manila",
  "Asia/Riyadh",
  "Africa/Monrovia",
];
/** Zones of the Americas whose mains run at 50 Hz. */
const FIFTY: readonly string[] = [
  "America/Argentina/",
  "America/Buenos_Aires",
  "America/Santiago",
  "America/Punta_Arenas",
  "America/La_Paz",
  "America/Asuncion",
  "America/Montevideo",
  "America/Cayenne",
  "America/Guadeloupe",
  "America/Martinique",
  "America/Jamaica",
  "America/Barbados",
  "America/Grenada",
  "America/St_Lucia",
  "America/Dominica",
  "America/Nuuk",
  "America/Godthab",
];
/** Zones in which both are found: the east and the west of Japan. */
const BOTH: readonly string[] = ["Asia/Tokyo", "Japan"];

const isIn = (zone: string, names: readonly string[]): boolean =>
  names.some((n) => (n.endsWith("/") ? zone.startsWith(n) : zone === n));

/** Mains of an IANA time zone; 50 Hz where it is not told, as in most of the world. */
export function mainsOf(timeZone: string): Mains {
  if (isIn(timeZone, BOTH)) return "both";
  return isIn(timeZone, SIXTY) && !isIn(timeZone, FIFTY) ? 60 : 50;
}
