import type { Outing } from "@/data";
import { keptOf } from "@/outing/leaving/as-it-leaves";
import { isPlaceExact, leaves, type Leaving } from "@/outing/leaving/choice";

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
