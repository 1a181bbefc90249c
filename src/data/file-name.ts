import { idFromName } from "./ids";
import type { Outing } from "./schema";

/** A name for a file of an outing: its day and its name, as every system takes it. */
export const fileNameOf = ({ date, name }: Pick<Outing, "date" | "name">, ending: string): string =>
  `${date}-${idFromName(name, [], "outing")}.${ending}`;
