import type { Outing } from "@/data";
import { keptOf } from "./as-it-leaves";
import { askedOf, isPlaceExact, leaves, WAYS, type AskedEachTime, type Leaving, type Way } from "./choice";

/** What goes to somebody else, by its kind: the ways that differ for it, and what of it is asked each time. */
export const FILES = {
  outing: { ways: WAYS, asks: ["young", "consent", "contacts", "nests"] },
  ground: { ways: ["whole", "without-place"], asks: ["nests"] },
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

/** What lies beside an outing's record. */
export interface Beside {
  readonly tags: number;
  readonly sounds: number;
  readonly picture: boolean;
}

/** What of an outing is in a file, counted in what goes itself. */
export interface Goes {
  /** The place's name, where it goes. */
  readonly place: string | undefined;
  readonly isExact: boolean;
  /** Whether what is drawn goes, beside what the shots need. */
  readonly hasPlan: boolean;
  /** People by name, and those of them that refused. */
  readonly people: number;
  readonly refused: number;
  readonly events: number;
  /** Whether the lists of the events name who is in them. */
  readonly hasLists: boolean;
  readonly nests: number;
  /** Whether there is a nest or a den to be told of, or one to be minded. */
  readonly hasNests: boolean;
  readonly hasContacts: boolean;
  readonly hasWords: boolean;
  readonly beside: Beside;
}

/** `left` is the outing as it leaves by that choice; `beside` what goes along with it. */
export function whatGoes(outing: Outing, left: Outing, leaving: Leaving, beside: Beside): Goes {
  const { people = [], programme = [], arrangements = {}, access, deliverables = [] } = left;
  const { guides, pass, contacts, size, active, rules } = arrangements;
  const some = (...texts: readonly (string | undefined)[]): boolean => texts.some(Boolean);
  return {
    place: left.place === outing.place ? left.place : undefined,
    isExact: isPlaceExact(leaving, keptOf(outing)),
    hasPlan: leaves("plan", leaving, keptOf(outing)),
    people: people.length,
    refused: people.filter((p) => p.consent === "refused").length,
    events: programme.length,
    hasLists: programme.some((e) => e.who),
    hasNests: keptOf(outing).hasNests,
    nests: left.ground.areas.filter((a) => a.kind === "nest").length,
    hasContacts: some(access.allowedBy, guides, pass, contacts),
    hasWords: some(left.notes, size, active, rules) || deliverables.length > 0,
    beside,
  };
}
