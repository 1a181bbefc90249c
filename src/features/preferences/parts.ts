/** The parts of the preferences by what they are called, with the words by which people look for each. */
export const PARTS = {
  light: ["Light of the screen", "theme dark mode night red dusk hide day bright"],
  words: ["Words", "plain simple beginner language field terms"],
  units: ["Units", "feet metres imperial metric yards"],
  clock: ["Clock", "12 24 hour am pm time format"],
  school: ["School of exposure", "manual automatic expose under lift style"],
  order: ["When the light is short, give up first", "priority order sacrifice shutter aperture iso push"],
  tolerance: ["Sharpness of a new shot", "tolerance pixel sharp strict"],
  pace: ["Walking pace with the kit", "speed walk slow minutes"],
} as const satisfies Readonly<Record<string, readonly [title: string, words: string]>>;

export type PreferencePart = keyof typeof PARTS;
