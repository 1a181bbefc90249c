import { useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { notedIn, type State } from "@/data";
import { changesBetween } from "@/outing/changes";
import { changesWords, changeWords } from "@/words";
import { useCommit, useOuting } from "../outing/use-outing";
import { openRepository } from "../store/open-repository";
import { EarlierStates, type Looked } from "./EarlierStates";

/** The earlier states of the open outing. */
export function OutingStates({ onClose }: { onClose: () => void }) {
  const outing = useOuting((v) => v.outing);
  const { id, revision } = outing;
  const commit = useCommit();
  const { data: states } = useQuery({
    queryKey: ["states", id, revision],
    queryFn: async () => (await openRepository()).statesOfOuting(id),
  });
  const look = useCallback(
    async (state: State): Promise<Looked | undefined> => {
      const found = await (await openRepository()).outingAt(id, state.revision);
      if (!found.ok) return undefined;
      const then = found.value;
      return {
        since: changesBetween(outing, then).map(changeWords),
        take: () => void commit((now) => ({ ...then, revision: now.revision })),
      };
    },
    [id, outing, commit],
  );
  return (
    <EarlierStates
      states={states}
      titleOf={(state) => changesWords(notedIn(state))}
      look={look}
      onClose={onClose}
    />
  );
}
