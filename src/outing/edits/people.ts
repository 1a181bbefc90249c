import type { Person } from "@/data";
import { put, type Edit } from "./edit";

/** Writes somebody: a new one at the end, or in place of the one with that id. */
export const putPerson =
  (person: Person): Edit =>
  (outing) => ({ ...outing, people: put(outing.people ?? [], person) });

export const addPeople =
  (people: readonly Person[]): Edit =>
  (outing) => ({ ...outing, people: [...(outing.people ?? []), ...people] });

export const removePerson =
  (id: string): Edit =>
  (outing) => ({ ...outing, people: (outing.people ?? []).filter((p) => p.id !== id) });
