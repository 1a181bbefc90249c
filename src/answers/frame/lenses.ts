import { assess, type Assessment, type NoPicture } from "@/core/judge";
import type { Position } from "@/core/ground";
import { lensesFor, type Body, type Converter, type Lens } from "@/core/optics";
import { askedOf } from "@/outing/ask";
import { answered } from "../answered";
import type { OutingView } from "@/outing/outing-view";

interface Glass {
  readonly key: string;
  readonly lens: Lens;
  readonly converter?: Converter;
}

/** A lens of the bag, bare or with a converter, and what is found with it by the id of a position or a spot. */
export interface LensRow extends Glass {
  readonly from: ReadonlyMap<string, Assessment | NoPicture>;
}

/** Every lens of the bag that goes on a body, bare and with each converter that it takes. */
const glassOf = (bag: OutingView["bag"], body: Body): Glass[] =>
  lensesFor(body, bag.lenses).flatMap((lens) => [
    { key: lens.id, lens },
    ...(lens.takesConverter
      ? bag.converters.map((converter) => ({ key: `${lens.id} ${converter.id}`, lens, converter }))
      : []),
  ]);

const partsOf = ({ outing, position, shot, bag, rig, scene, preferences, mounted }: OutingView) =>
  [outing, position, shot, bag, rig, scene, preferences, mounted] as const;

type Parts = ReturnType<typeof partsOf>;

function rowsOf(
  [outing, , shot, bag, rig, scene, preferences, mounted]: Parts,
  pairs: readonly { readonly key: string; readonly position: Position; readonly spotId: string }[],
): LensRow[] {
  if (!rig) return [];
  const { body, support } = rig;
  return glassOf(bag, body).map((glass) => {
    const other = {
      body,
      support,
      lens: glass.lens,
      ...(glass.converter ? { converter: glass.converter } : {}),
    };
    return {
      ...glass,
      from: new Map(
        pairs.flatMap(({ key, position, spotId }) => {
          const asked = askedOf(outing, shot, mounted, preferences, { spotId, rig: other });
          return asked ? [[key, assess({ ...asked, position, scene })] as const] : [];
        }),
      ),
    };
  });
}

/** Every lens of the bag onto the spot in hand, by the id of each position, as the shot is asked. */
export const lensesFromPositions = answered(partsOf, (...parts) => {
  const [outing, , shot] = parts;
  return rowsOf(
    parts,
    outing.ground.positions.map((position) => ({ key: position.id, position, spotId: shot.spotId })),
  );
});

/** Every lens of the bag from the position in hand, by the id of each spot, as the shot is asked. */
export const lensesOntoSpots = answered(partsOf, (...parts) => {
  const [outing, position] = parts;
  return rowsOf(
    parts,
    position ? outing.ground.spots.map(({ id }) => ({ key: id, position, spotId: id })) : [],
  );
});

/** Whether a lens serves nowhere: it reaches nothing, fits nothing, or focuses on nothing. */
export const servesNowhere = ({ from }: LensRow): boolean =>
  [...from.values()].every(
    (found) =>
      !found.ok || found.judgement.some((j) => j.code === "out-of-reach" || j.code === "does-not-fit"),
  );
