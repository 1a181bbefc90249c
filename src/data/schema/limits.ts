/** The most that a list of a record holds; told before a further thing is added. */
export const LIMITS = {
  areas: 200,
  bodies: 50,
  cards: 50,
  converters: 20,
  counts: 500,
  events: 400,
  "lamp files": 20,
  lenses: 100,
  "light zones": 40,
  masts: 60,
  obstacles: 400,
  "own entries": 200,
  people: 200,
  positions: 60,
  readings: 500,
  shots: 60,
  spots: 120,
  subjects: 60,
  supports: 20,
  tracks: 60,
  windows: 40,
} as const;

export type Limited = keyof typeof LIMITS;
