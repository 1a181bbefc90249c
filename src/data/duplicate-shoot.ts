import { idFromName } from "./ids";
import type { Shoot } from "./schema";

/** The same outing again, for another day: what was measured and counted stays with the old one. */
export const duplicateShoot = (shoot: Shoot, taken: readonly { id: string }[]): Shoot => ({
  ...shoot,
  id: idFromName(shoot.name, taken, "outing"),
  name: `${shoot.name.slice(0, 72)}, again`,
  revision: 0,
  archived: false,
  light: { ...shoot.light, readings: [] },
  log: [],
});
