import { part, type VenueLines } from "./mark";

const unpainted = () => [];

/**
 * Places in nature, as one such place may lie: nothing is painted, and only what nobody stands on or may stand on has a part. Invented;
 * measures chosen, the water and the sea to the far side.
 */
export const NATURE_LINES: Readonly<Record<string, VenueLines>> = {
  "garden-feeder": { marks: unpainted, parts: () => [] },
  wood: { marks: unpainted, parts: () => [] },
  "reed-bed": { marks: unpainted, parts: () => [part("water", [0, 22, 90, 46], "water")] },
  cliff: {
    marks: unpainted,
    // Nobody goes nearer to the edge than the path does.
    parts: () => [part("edge", [0, 3, 120, 10]), part("water", [0, 58, 240, 100], "water")],
  },
  estuary: { marks: unpainted, parts: () => [part("water", [0, 52, 240, 56], "water")] },
  beach: { marks: unpainted, parts: () => [part("water", [0, 45, 240, 110], "water")] },
  harbour: {
    marks: unpainted,
    // The basin, and the mole that reaches into it.
    parts: () => [part("water", [0, 30, 200, 100], "water"), part("way", [30, 10, 8, 60], "track")],
  },
  savanna: {
    marks: unpainted,
    // Whoever is there stays in the vehicle, and the vehicle on its track.
    parts: () => [part("off-track", [0, 0, 300, 240]), part("way", [0, -40, 300, 5], "sand")],
  },
  zoo: {
    marks: unpainted,
    parts: () => [part("enclosure", [0, 8, 36, 20])],
  },
};
