import { newId } from "./ids";
import type { Outing } from "./schema";

/** The same outing again, for another day: what was measured and counted stays with the old one. */
export const duplicateOuting = (outing: Outing): Outing => ({
  ...outing,
  id: newId(),
  name: `${outing.name.slice(0, 72)}, again`,
  revision: 0,
  forecast: undefined,
  archived: false,
  downs: undefined,
  light: { ...outing.light, readings: [], taken: undefined },
  log: [],
  shots: outing.shots.map(({ got: _, ...shot }) => shot),
  ...(outing.packing && { packing: { ...outing.packing, ticked: [] } }),
  ...(outing.deliverables && { deliverables: outing.deliverables.map((d) => ({ ...d, done: false })) }),
  // What ran late that day, and what was wished of it, says nothing of the next one.
  ...(outing.programme && {
    programme: outing.programme.map(({ late: _late, wish: _wish, result: _result, ...event }) => event),
  }),
});
