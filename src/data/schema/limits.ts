/** The most that a list of a record holds; told before a further thing is added. */
export const LIMITS = {
  areas: 60,
  bodies: 50,
  cards: 50,
  converters: 20,
  counts: 500,
  lenses: 100,
  "light zones": 20,
  masts: 40,
  "no-go areas": 40,
  obstacles: 100,
  "own entries": 200,
  positions: 40,
  readings: 500,
  shots: 60,
  spots: 60,
  subjects: 60,
  supports: 20,
  tracks: 60,
} as const;

export type Limited = keyof typeof LIMITS;
