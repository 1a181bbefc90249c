import { z } from "zod";
import { ROLES, type Role } from "@/outing/lists/columns";
import type { Table } from "@/outing/lists/read-table";

/** Where it is remembered what the columns of tables hold. */
const KEY = "bp/columns";
/** Tables that are remembered, the latest first. */
const MOST = 12;

const kept = z.array(z.object({ table: z.string(), roles: z.array(z.enum(ROLES)).max(200) }));

const read = (): z.infer<typeof kept> => {
  try {
    return kept.parse(JSON.parse(localStorage.getItem(KEY) ?? "[]"));
  } catch {
    return [];
  }
};

/** By what a table is known again: its heads, else what its columns seemed to hold. */
const markOf = ({ heads, roles }: Table): string =>
  (heads?.cells.join("\t") ?? roles.join(" ")).toLowerCase();

/** What the columns of such a table held the last time that somebody said it. */
export const rememberedRoles = (table: Table): readonly Role[] | undefined =>
  read().find((k) => k.table === markOf(table) && k.roles.length === table.roles.length)?.roles;

/** Remembers it; where there is no room it is said by hand again. */
export function rememberRoles(table: Table, roles: readonly Role[]): void {
  const mine = markOf(table);
  const rest = read().filter((k) => k.table !== mine);
  try {
    localStorage.setItem(KEY, JSON.stringify([{ table: mine, roles }, ...rest].slice(0, MOST)));
  } catch {
    // A full disk forgets what a column held, nothing else.
  }
}
