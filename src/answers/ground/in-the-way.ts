import { alongBearing, detailOf, type Obstacle } from "@/core/ground";
import {
  beyondInFrame,
  faceShares,
  isWholeInSight,
  meltOf,
  sidedBy,
  sightOf,
  skyBehind,
  waysOutOfFrame,
  waysToClear,
  type Assessment,
  type AssessInput,
  type FigureHidden,
  type FrameView,
  type SeenBehind,
  type WaysToClear,
} from "@/core/judge";
import { apertureFNumber } from "@/core/exposure";
import { turnBetween } from "@/core/units";
import { toCentimetre } from "@/outing/rounded";
import { answered } from "../answered";

/** A way to go, with the position that it leads to. */
export interface WayPast {
  readonly way: keyof WaysToClear;
  /** Metres, a little over the least. */
  readonly by: number;
  readonly to: { readonly at?: { readonly x: number; readonly y: number }; readonly lensHeight?: number };
}

/** Something behind the subject in the frame. */
export interface ThingBehind {
  readonly thing: Obstacle;
  /** As the settings melt it. */
  readonly seen: SeenBehind;
  /** Metres of what one makes out there, where it has any. */
  readonly detail?: number;
  readonly ways: readonly WayPast[];
}

/** What lies between here and the subject, and what stands behind it. */
export interface Sight {
  readonly hidden: FigureHidden;
  /** By name; the nearest first. */
  readonly inTheWay: readonly { readonly name: string; readonly away?: number }[];
  /** Ways from which all of the figure is seen. */
  readonly past: readonly WayPast[];
  readonly behind: readonly ThingBehind[];
  readonly level: { readonly angle: number; readonly level: number; readonly from: readonly string[] };
  readonly sky: ReturnType<typeof skyBehind>;
  readonly faces: ReturnType<typeof faceShares>;
}

/** A little more than the least, so that what grazes is clear: metres. */
const CLEAR = 0.02;
const WAYS = ["rise", "sink", "left", "right"] as const;

/** The ways that help, shortest first, each with where it leads; those that `holds` refuses are left out. */
function waysFrom(
  { position }: AssessInput,
  bearing: number,
  ways: WaysToClear,
  holds: (to: WayPast["to"]) => boolean = () => true,
): WayPast[] {
  return WAYS.flatMap((way): WayPast[] => {
    const least = ways[way];
    if (least === undefined) return [];
    const by = least + CLEAR;
    const step = alongBearing(bearing + (way === "right" ? 90 : -90));
    const to =
      way === "rise" || way === "sink"
        ? { lensHeight: Math.round(100 * (position.lensHeight + (way === "rise" ? by : -by))) / 100 }
        : { at: toCentimetre({ x: position.at.x + step.x * by, y: position.at.y + step.y * by }) };
    return holds(to) ? [{ way, by, to }] : [];
  }).sort((a, b) => a.by - b.by);
}

/** What is in the way of the figure, and what stands behind it in the frame: the same things that the frame draws. */
export const sight = answered(
  (view) => [view.input, view.found, view.frame, view.spot] as const,
  (input, found, frame, spot): Sight | undefined => {
    if (!input || !found || !frame) return undefined;
    const { sighting } = found;
    const { obstacles } = input.scene.ground;
    const named = (id: string): Obstacle => obstacles.find((o) => o.id === id)!;
    const { hidden } = sighting;
    const seesAll = (to: WayPast["to"]): boolean =>
      isWholeInSight({ ...input, position: { ...input.position, ...to } });
    const by = sidedBy(input.subject);
    return {
      hidden,
      inTheWay: hidden.obstacleIds.map((id) => ({
        name: named(id).name,
        away: frame.things.find((t) => t.id === id)?.distance,
      })),
      past: hidden.share > 0 ? waysFrom(input, sighting.bearing, waysToClear(input), seesAll) : [],
      behind: thingsBehind(input, found, frame),
      level: levelOf(input, found),
      sky: skyBehind({ scene: input.scene, sighting }),
      faces: by ? faceShares(by, turnBetween(spot.facing, sighting.bearing + 180), input.shot.side) : [],
    };
  },
);

/** Everything beyond the subject that the frame shows, the nearest first. */
function thingsBehind(
  input: AssessInput,
  { sighting, settings, motion }: Assessment,
  frame: FrameView,
): ThingBehind[] {
  const { ground } = input.scene;
  const ahead = alongBearing(sighting.bearing);
  const { aim } = sightOf(input);
  return [...beyondInFrame(frame)]
    .sort(([, a], [, b]) => a - b)
    .flatMap(([id, beyond]): ThingBehind[] => {
      const thing = ground.obstacles.find((o) => o.id === id);
      if (!thing) return [];
      const seen = meltOf(
        {
          kind: thing.kind,
          obstacleId: id,
          beyond,
          at: { x: aim.x + ahead.x * beyond, y: aim.y + ahead.y * beyond },
        },
        {
          ground,
          focalLengthMm: sighting.frame.focalLengthMm,
          fNumber: apertureFNumber(settings.settings.aperture),
          away: frame.subjectDistance,
          streak: motion.pan ? motion.pan.streakUm / motion.body.umPerMetre : 0,
        },
      );
      const ways = waysFrom(input, sighting.bearing, waysOutOfFrame(input, sighting, thing));
      return [{ thing, seen, detail: detailOf(thing), ways }];
    });
}

/** How the lens lies to the subject, and from what it could stand level. */
function levelOf(input: AssessInput, { sighting }: Assessment): Sight["level"] {
  const { ground } = input.scene;
  const { position } = input;
  const { lens, aim } = sightOf(input);
  const here = lens.z - position.lensHeight;
  const banks = ground.obstacles.filter(
    (o) =>
      (o.kind === "bank" || o.kind === "stand") && "height" in o && o.height >= aim.z - position.lensHeight,
  );
  return { angle: sighting.heightAngle, level: aim.z - here, from: banks.map((b) => b.name) };
}
