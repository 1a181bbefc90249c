import type { Block, Ground, Obstacle, Position, Spot } from "./ground";
import { isInside } from "./polygon";
import { topAt } from "./solids";
import { atHeight, type Point, type Vector } from "./vector";

/** Kept per list of obstacles: the banks among them. */
const banksKept = new WeakMap<readonly Obstacle[], readonly Block[]>();

function banksOf(obstacles: readonly Obstacle[]): readonly Block[] {
  const known = banksKept.get(obstacles);
  if (known) return known;
  const banks = obstacles.filter((o): o is Block => o.kind === "bank");
  banksKept.set(obstacles, banks);
  return banks;
}

/** Height in metres of the ground at a place above the level of the plan: that of the highest bank there, else 0. */
export function groundHeightAt({ obstacles }: Pick<Ground, "obstacles">, at: Point): number {
  let height = 0;
  for (const bank of banksOf(obstacles))
    if (isInside(at, bank.outline)) height = Math.max(height, topAt(bank, at));
  return height;
}

type Lie = Pick<Ground, "obstacles">;

/** Where the lens of a position is in space: its height counts from the ground there. */
export const lensOf = (
  ground: Lie,
  { at, lensHeight, groundHeight }: Omit<Position, "id" | "name">,
): Vector => atHeight(at, (groundHeight ?? groundHeightAt(ground, at)) + lensHeight);

/** Where the aim of a spot is in space: its height counts from the ground there. */
export const aimOf = (
  ground: Lie,
  { at, aimHeight, groundHeight }: Pick<Spot, "at" | "aimHeight" | "groundHeight">,
): Vector => atHeight(at, (groundHeight ?? groundHeightAt(ground, at)) + aimHeight);
