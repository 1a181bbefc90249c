/**
 * Every published source that a reason may name, once. `docs/sources.md` tells more of each, and a test
 * keeps the two in step. "from memory": the value was written down without the document at hand.
 */
export const SOURCES = Object.freeze({
  "iso-2720": "ISO 2720 (exposure meters), constants K 12.5 and C 250",
  "exif-2-32": "Exif 2.32, annex C (APEX)",
  "ansi-ph2-7": "ANSI PH2.7 exposure guide (from memory)",
  "usno-171": "Janiczek and DeYoung, USNO Circular 171 (from memory)",
  "ies-daylight": "Gillette and others 1984, IES daylight availability (from memory)",
  "kasten-young": "Kasten and Young 1989, optical air mass",
  "nrel-spa": "NREL/TP-560-34302, solar position algorithm",
  "en-12193": "EN 12193 sports lighting (from memory)",
  "fih-rules": "FIH Rules of Hockey, field of play",
  "cipa-dc-011": "CIPA DC-011, image stabilisation rating",
  "handbook-optics": "Thin-lens handbook formulas",
  "variance-rule": "Variances add under convolution (textbook statistics)",
  "wilson-1927": "Wilson 1927, score interval of a share (from memory)",
  "us-park-service": "United States National Park Service, 100 and 25 yards from wild animals (from memory)",
  "world-athletics": "World Athletics Competition and Technical Rules: sectors, circles, cages (from memory)",
  "common-practice": "common practice, no source",
  assumed: "assumed, no source",
} as const);

export type SourceId = keyof typeof SOURCES;
