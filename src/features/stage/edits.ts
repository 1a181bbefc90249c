import type { Settings } from "@/core/exposure";
import type { Position } from "@/core/ground";
import type { Choice, Shoot } from "@/data";

/** Changes of an outing, as functions from one state to the next. */

export const editChoice =
  (shotId: string, edit: Partial<Omit<Choice, "shotId">>) =>
  (shoot: Shoot): Shoot => ({
    ...shoot,
    choices: shoot.choices.map((c) => (c.shotId === shotId ? { ...c, ...edit } : c)),
  });

export const movePosition =
  (id: string, edit: Partial<Pick<Position, "at" | "lensHeight">>) =>
  (shoot: Shoot): Shoot => ({
    ...shoot,
    ground: {
      ...shoot.ground,
      positions: shoot.ground.positions.map((p) => (p.id === id ? { ...p, ...edit } : p)),
    },
  });

export const takeShot =
  (shotId: string) =>
  (shoot: Shoot): Shoot => ({ ...shoot, shotId });

export const setCloud =
  (cloudEighths: number) =>
  (shoot: Shoot): Shoot => ({ ...shoot, light: { ...shoot.light, cloudEighths } });

export const setPassing =
  (passing: boolean) =>
  (shoot: Shoot): Shoot => ({ ...shoot, light: { ...shoot.light, passing } });

export const setLamps =
  (lamps: Partial<NonNullable<Shoot["light"]["lamps"]>>) =>
  (shoot: Shoot): Shoot =>
    shoot.light.lamps
      ? { ...shoot, light: { ...shoot.light, lamps: { ...shoot.light.lamps, ...lamps } } }
      : shoot;

export const holdRails = (shotId: string, held: Partial<Settings>) => editChoice(shotId, { held });
