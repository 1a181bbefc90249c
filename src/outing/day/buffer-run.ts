import { burstRun, type BurstInput, type BurstRun } from "@/core/motion";
import { bagOf, type Outing, type StoredKit } from "@/data";

/** MB a second that a body can count on: which card is in it is not told, so the slowest of the bag; absent without a card. */
export const writeSpeed = (cards: StoredKit["cards"]): number | undefined =>
  cards.length === 0 ? undefined : Math.min(...cards.map((c) => c.writeMbPerSecond));

/** What fills and clears the buffer of that body on the slowest card of the bag; nothing while one of them is not told. */
export function burstOf(outing: Outing, kit: StoredKit, bodyId?: string): BurstInput | undefined {
  const bag = bagOf(outing, kit);
  const { framesPerSecond, frameMb, bufferMb } =
    bag.bodies.find((b) => b.id === bodyId) ?? bag.bodies[0] ?? {};
  if (!framesPerSecond || !frameMb || !bufferMb || bag.cards.length === 0) return undefined;
  return { framesPerSecond, frameMb, bufferMb, writeMbPerSecond: writeSpeed(bag.cards)! };
}

/** How the buffer of that body fills and clears; nothing while it is not known what fills it. */
export function bufferRun(outing: Outing, kit: StoredKit, bodyId?: string): BurstRun | undefined {
  const burst = burstOf(outing, kit, bodyId);
  return burst && burstRun(burst);
}
