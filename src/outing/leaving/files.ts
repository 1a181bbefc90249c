import type { Outing } from "@/data";
import { keptOf } from "./as-it-leaves";
import { askedOf, WAYS, type AskedEachTime, type Way } from "./choice";

/** What goes to somebody else, by its kind: the ways that differ for it, and what of it is asked each time. */
export const FILES = {
  outing: { ways: WAYS, asks: ["young", "consent", "contacts", "nests"] },
  ground: { ways: ["whole", "without-place"], asks: ["nests"] },
  journal: { ways: ["whole", "without-people", "without-place"], asks: ["young", "nests"] },
  programme: { ways: ["whole", "without-people", "without-place"], asks: ["young"] },
  tags: { ways: ["whole", "without-people"], asks: ["young"] },
} as const satisfies Readonly<
  Record<string, { readonly ways: readonly Way[]; readonly asks: readonly AskedEachTime[] }>
>;
export type FileKind = keyof typeof FILES;

/** What there is to be ticked for a file of an outing. */
export function asksOf(kind: FileKind, way: Way, outing: Outing): AskedEachTime[] {
  const asks: readonly AskedEachTime[] = FILES[kind].asks;
  return askedOf(way, keptOf(outing)).filter((one) => asks.includes(one));
}
