import { comparedPictures, type Compared } from "@/answers/frame/compared";
import { besideOf, figureOf } from "@/answers/frame/figure-of";
import { waysOfView, type WayToTake } from "@/answers/expose/ways";
import type { OutingView } from "@/outing/outing-view";
import { lockRails } from "@/outing/edits";
import { ofHundred } from "@/words";
import { PicturesBeside } from "../../../outing/PicturesBeside";
import { useAtRest } from "../../../outing/use-at-rest";
import { useCommit, useOuting } from "../../../outing/use-outing";
import { nameOf } from "./way-words";

interface Pictured {
  readonly ways: ReadonlyMap<string, WayToTake>;
  readonly compared: readonly Compared[];
}

/** The ways that can be taken, by name, and what each makes of the picture. */
function picturedWays(view: OutingView): Pictured {
  const { input, outing } = view;
  const ways = new Map(
    (waysOfView(view)?.ways ?? []).filter((way) => way.holds).map((way) => [nameOf(way), way] as const),
  );
  const asked = [...ways].flatMap(([name, { holds }]) =>
    input ? [{ name, input: { ...input, locked: holds } }] : [],
  );
  return {
    ways,
    compared: comparedPictures(asked, outing, (seen) => ({ figure: figureOf(seen), beside: besideOf(seen) })),
  };
}

/** What each way out makes of the picture, in one row; a press takes it. Made once the hand rests. */
export function WayPictures() {
  const { ways, compared } = useAtRest(picturedWays);
  const shotId = useOuting((v) => v.shot.id);
  const commit = useCommit();
  if (compared.length === 0) return null;
  return (
    <PicturesBeside
      compared={compared}
      nameOf={({ name }) => name!}
      under={({ there }) => ofHundred(there.chance)}
      best="Holds most"
      onTake={({ name }) => {
        const { holds } = ways.get(name!) ?? {};
        if (holds) void commit(lockRails(shotId, holds));
      }}
    />
  );
}
