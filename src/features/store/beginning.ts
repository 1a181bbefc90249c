import type { Saved, StoredKit } from "@/data";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { loadDemo, loadOwn } from "./beginnings";
import { openRepository } from "./open-repository";
import { forgetWork } from "./storage";

const BEGUN_KEY = ["begun"];

/** Whether anything was begun in this browser, and how to begin: with the demo, or with an empty list and one's own kit or a generic bag. */
export function useBeginning(): {
  readonly begun: boolean | undefined;
  readonly begin: (how: "demo" | "own", kit?: StoredKit) => Promise<Saved<true>>;
} {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: BEGUN_KEY,
    queryFn: async () => (await openRepository()).isBegun(),
  });
  const begin = async (how: "demo" | "own", kit?: StoredKit): Promise<Saved<true>> => {
    const repository = await openRepository();
    const begun = await repository
      .begin(how === "demo" ? loadDemo : () => loadOwn(kit))
      .catch((): Saved<true> => ({ ok: false, reason: "storage-failed" }));
    if (how === "demo" && begun.ok) forgetWork();
    await client.invalidateQueries();
    return begun;
  };
  return { begun: data, begin };
}
