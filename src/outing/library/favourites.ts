import type { Library } from "@/data";

/** Under what an entry of the library is kept as a favourite. */
export const favouriteKey = (section: string, id: string): string => `${section}/${id}`;

type Kept = Pick<Library, "favourites">;

export const isFavourite = ({ favourites = [] }: Kept, entry: string): boolean => favourites.includes(entry);

/** The library with an entry as a favourite, or as none. */
export const withFavourite = (library: Library, entry: string, isOne: boolean): Library => {
  const others = (library.favourites ?? []).filter((f) => f !== entry);
  return { ...library, favourites: isOne ? [...others, entry] : others };
};

/** Favourites before the rest, each in the order in which they stood. */
export const favouritesFirst = <T>(items: readonly T[], library: Kept, entryOf: (item: T) => string): T[] => [
  ...items.filter((item) => isFavourite(library, entryOf(item))),
  ...items.filter((item) => !isFavourite(library, entryOf(item))),
];
