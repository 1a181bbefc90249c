import { framesOnCard } from "@/core/optics";
import { bagWeight, type StoredKit } from "@/data";

/** What is packed, in all. */
export interface Packed {
  readonly grams: number;
  /** How many things have no weight told. */
  readonly unweighed: number;
  /** Frames of the first body that its cards take. */
  readonly frames: number;
}

/** What a bag weighs, and what its cards take. */
export const packedOf = (bag: StoredKit): Packed => ({
  ...bagWeight(bag),
  frames: bag.cards.reduce((n, card) => n + framesOnCard(card, bag.bodies[0]?.frameMb), 0),
});
