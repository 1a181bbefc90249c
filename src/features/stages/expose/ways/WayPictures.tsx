import { comparedPictures, type Compared, type Otherwise } from "@/answers/frame/compared";
import { besideOf, figureOf } from "@/answers/frame/figure-of";
import { waysOfView } from "@/answers/expose/ways";
import type { Settings } from "@/core/exposure";
import type { OutingView } from "@/outing/outing-view";
import { lockRails } from "@/outing/edits";
import { settingsWords, signedStops } from "@/words";
import { PicturesBeside } from "../../../outing/PicturesBeside";
import { useAtRest } from "../../../outing/use-at-rest";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { nameOf, priceOf, worthWords } from "./way-words";

/** A way out as it is pictured: by its name, with what it costs or gains, and what a press holds or where it stands. */
interface Way extends Otherwise {
  readonly name: string;
  readonly under: string;
  readonly holds?: Partial<Settings>;
  readonly standsAt?: string;
}

/** What can be given up in the user's order, a third under the ceiling, and the places with more light. */
function waysOut(view: OutingView): Way[] {
  const { input, found } = view;
  const answer = waysOfView(view);
  if (!answer || !input || !found) return [];
  const { ways, thirdUnder, brighter } = answer;
  const held = ways.flatMap((way): Way[] =>
    way.holds
      ? [
          {
            name: nameOf(way),
            under: [priceOf(way, found), worthWords(way, found)].filter(Boolean).join("; "),
            holds: way.holds,
            input: { ...input, locked: way.holds },
          },
        ]
      : [],
  );
  const under = thirdUnder && { shutter: thirdUnder.shutter, aperture: thirdUnder.aperture };
  const cleaner: Way[] = under
    ? [
        {
          name: settingsWords(thirdUnder),
          under: "a third under your ceiling: cleaner",
          holds: under,
          input: { ...input, locked: under },
        },
      ]
    : [];
  const elsewhere = brighter.flatMap(({ id, name, stops }): Way[] => {
    const asked = view.asking({ positionId: id });
    return asked
      ? [{ name: `Go to ${name}`, under: `${signedStops(stops)} stops of light`, standsAt: id, input: asked }]
      : [];
  });
  return [...held, ...cleaner, ...elsewhere];
}

interface Pictured {
  readonly ways: ReadonlyMap<string | undefined, Way>;
  readonly compared: readonly Compared[];
}

function picturedWays(view: OutingView): Pictured {
  const ways = waysOut(view);
  return {
    ways: new Map(ways.map((way) => [way.name, way])),
    compared: comparedPictures(
      ways,
      view.outing,
      (seen) => ({ figure: figureOf(seen), beside: besideOf(seen) }),
      ways.length,
    ),
  };
}

/** Px of their height, so that upright ones leave the rest of the stage in reach. */
const HIGH = 116;

/** What each way out makes of the picture, in one row, with its price; a press takes it. Made once the hand rests. */
export function WayPictures() {
  const { ways, compared } = useAtRest(picturedWays);
  const shotId = useOuting((v) => v.shot.id);
  const { standAt } = useOpenOuting();
  const commit = useCommit();
  if (compared.length === 0) return null;
  return (
    <PicturesBeside
      compared={compared}
      nameOf={({ name }) => name!}
      under={({ name }) => ways.get(name)!.under}
      best="Holds most"
      high={HIGH}
      onTake={({ name }) => {
        const { holds, standsAt } = ways.get(name)!;
        if (standsAt) standAt(standsAt);
        else if (holds) void commit(lockRails(shotId, holds));
      }}
    />
  );
}
