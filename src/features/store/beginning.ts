import { useQuery, useQueryClient } from "@tanstack/react-query";
import { loadDemo, loadOwn } from "./beginnings";
import { openRepository } from "./open-repository";

const BEGUN_KEY = ["begun"];

/** Whether anything was begun in this browser, and how to begin: with the demo, or with an empty list and a generic bag. */
export function useBeginning(): {
  readonly begun: boolean | undefined;
  readonly begin: (how: "demo" | "own") => Promise<void>;
} {
  const client = useQueryClient();
  const { data } = useQuery({
    queryKey: BEGUN_KEY,
    queryFn: async () => (await openRepository()).isBegun(),
  });
  const begin = async (how: "demo" | "own"): Promise<void> => {
    const repository = await openRepository();
    await repository.begin(how === "demo" ? loadDemo : loadOwn);
    await client.invalidateQueries();
  };
  return { begun: data, begin };
}
