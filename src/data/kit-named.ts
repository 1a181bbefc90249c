import type { Choice, Outing, StoredKit } from "./schema";

/** The lists of a kit of which an outing names things, each with what names one in the choice of a shot; all of them stand in the bag. */
const CHOSEN_BY = {
  bodies: "bodyId",
  lenses: "lensId",
  converters: "converterId",
  supports: "supportId",
  cards: undefined,
} as const satisfies Partial<Record<keyof StoredKit, keyof Choice | undefined>>;

export type Shelf = keyof typeof CHOSEN_BY;
export const SHELVES = Object.keys(CHOSEN_BY) as readonly Shelf[];

/** A thing of the kit that an outing names, and where. */
interface Named {
  readonly shelf: Shelf;
  readonly id: string;
  /** As of a fault. */
  readonly path: string;
}

/** Everything of the kit that an outing names: in the choices of its shots, then in its bag. */
export function kitNamedBy({ choices, bag }: Pick<Outing, "choices" | "bag">): readonly Named[] {
  const chosen = choices.flatMap((choice, i) =>
    SHELVES.flatMap((shelf): Named[] => {
      const key = CHOSEN_BY[shelf];
      const id = key && choice[key];
      return key && id != null ? [{ shelf, id, path: `choices.${i}.${key}` }] : [];
    }),
  );
  const packed = SHELVES.flatMap((shelf) =>
    (bag?.[shelf] ?? []).map((id, i): Named => ({ shelf, id, path: `bag.${shelf}.${i}` })),
  );
  return [...chosen, ...packed];
}

/** The outing with other names for the things of its kit; null for a converter of a choice leaves it out. */
export function withKitNames(
  outing: Outing,
  nameOf: (shelf: Shelf, id: string, isChosen: boolean) => string | null,
): Outing {
  const choices = outing.choices.map((choice) => {
    const named: Record<string, unknown> = { ...choice };
    for (const shelf of SHELVES) {
      const key = CHOSEN_BY[shelf];
      const id = key && choice[key];
      if (key && id != null) named[key] = nameOf(shelf, id, true);
    }
    return named as Choice;
  });
  const { bag } = outing;
  const packed = (shelf: Shelf): readonly string[] =>
    bag![shelf].flatMap((id) => nameOf(shelf, id, false) ?? []);
  return {
    ...outing,
    choices,
    bag:
      bag &&
      ({ ...bag, ...Object.fromEntries(SHELVES.map((shelf) => [shelf, packed(shelf)])) } as typeof bag),
  };
}
