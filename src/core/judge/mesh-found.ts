import { angleBetween } from "../units";
import { apertureFNumber } from "../exposure";
import {
  add,
  bearingTo,
  boxFrom,
  OBSTACLE_KINDS,
  distance,
  scale,
  subtract,
  throughThing,
  topOf,
  type Block,
  type Mesh,
  type Obstacle,
  type Point,
  type Vector,
} from "../ground";
import { shadedBy } from "../light";
import { footprintWhereGone, nettingEffect, postShade, postShadeTop, type NettingEffect } from "../optics";
import type { Scene } from "../scene";
import type { AssessInput, Assessment } from "./assessment";
import { sightOf } from "./sight-of";

/** A netting that the line of sight goes through. */
export interface MeshBetween {
  readonly block: Block;
  readonly mesh: Mesh;
  /** Metres from the lens along the line. */
  readonly away: number;
  readonly at: Vector;
  /** Bearing in degrees along the netting, 0 … 180. */
  readonly along: number;
}

/** Netting that a thing has until its mesh was measured, metres (common practice). */
const USUAL: Mesh = { pitch: 0.05, wire: 0.003 };

const isNetting = (o: Obstacle): o is Block => OBSTACLE_KINDS[o.kind].wires && "outline" in o;

/** The netting nearest to the lens on the line to the aim, if there is one. */
export function meshBetween(
  input: Pick<AssessInput, "shot" | "position" | "scene">,
): MeshBetween | undefined {
  const { lens, aim } = sightOf(input as AssessInput);
  const run = subtract(aim, lens);
  const length = distance(lens, aim);
  return input.scene.ground.obstacles
    .filter(isNetting)
    .flatMap((block): MeshBetween[] => {
      const stretch = throughThing(lens, run, block);
      if (!stretch || stretch.enter >= 1) return [];
      const at = add(lens, scale(run, stretch.enter));
      const along = boxFrom(block.outline)?.bearing ?? bearingTo(block.outline[0]!, block.outline[1]!) % 180;
      return [{ block, mesh: block.mesh ?? USUAL, away: stretch.enter * length, at, along }];
    })
    .sort((a, b) => a.away - b.away)[0];
}

/** What a netting costs the picture, and what mends it. */
export interface MeshFound extends NettingEffect {
  readonly obstacleId: string;
  /** Metres from the lens. */
  readonly away: number;
  /** Degrees between the line of sight and square to the netting, 0 … 90. */
  readonly angle: number;
  /** Metres from the netting within which it is gone at this aperture and focal length; 0 where no nearness does it. */
  readonly goneWithin: number;
  /** The smallest opening, as an f-number, at which it is gone from here; absent where none does. */
  readonly goneUpTo?: number;
}

/** What the netting of the line of sight does to the picture at the settings found. Wires square to the view. */
export function meshFound(
  input: AssessInput,
  found: Pick<Assessment, "sighting" | "settings">,
): MeshFound | undefined {
  const between = meshBetween(input);
  if (!between) return undefined;
  const { frame, distance: away } = found.sighting;
  const fNumber = apertureFNumber(found.settings.settings.aperture);
  const { mesh } = between;
  const subject = away;
  const effect = nettingEffect({
    netting: { ...mesh, distance: between.away },
    focalLengthMm: frame.focalLengthMm,
    fNumber,
    subjectDistance: subject,
    frameWidth: frame.frameAcross,
  });
  const needed = footprintWhereGone(mesh);
  const pupil = frame.focalLengthMm / fNumber / 1000;
  const widest = (frame.focalLengthMm * (1 - between.away / subject)) / 1000 / needed;
  const { lens, aim } = sightOf(input);
  return {
    ...effect,
    obstacleId: between.block.id,
    away: between.away,
    angle: Math.abs(90 - angleBetween(bearingTo(lens, aim), between.along)),
    goneWithin: Math.max(0, subject * (1 - needed / pupil)),
    ...(widest >= 0.5 && { goneUpTo: widest }),
  };
}

/** The sun on a netting at an instant, and the shade of its posts there. */
export interface MeshLight {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Whether direct sun falls on the netting where the line goes through. */
  readonly sunOn: boolean;
  /** The nearest post's shade on the netting; absent without sun or posts. */
  readonly shade?: {
    /** Metres wide. */
    readonly width: number;
    /** Metres along the netting from where one looks through to the middle of the shade, 0 or more. */
    readonly away: number;
    /** Which way that is as one looks through. */
    readonly side: "left" | "right" | "here";
    /** Metres above the ground up to which it reaches. */
    readonly top: number;
  };
}

/** What of the direct sun in lux still lights a wire so that it shows (assumed). */
const SHOWS = 1000;

/** Sun and post's shade on a netting through the scenes of a span. Round posts that touch the netting, on the sun's side. */
export const meshLight = (between: MeshBetween, lens: Vector, scenes: readonly Scene[]): MeshLight[] =>
  scenes.map((scene) => {
    const { sun, ground, at, daylight, cover } = scene;
    const direct = cover === "open" && sun.apparentAltitude > 0 && daylight.directNormal > SHOWS;
    const sunOn = direct && shadedBy(between.at, sun, ground.obstacles) === undefined;
    const shade = sunOn ? shadeOfPost(between, lens, sun) : undefined;
    return shade ? { at, sunOn, shade } : { at, sunOn };
  });

function shadeOfPost(
  { block, along, at }: MeshBetween,
  lens: Vector,
  { azimuth, apparentAltitude }: Scene["sun"],
): MeshLight["shade"] {
  const { posts } = block;
  const box = boxFrom(block.outline);
  if (!posts || !box) return undefined;
  const radius = posts.thickness / 2;
  const turn = angleBetween(azimuth, along);
  const angle = Math.min(turn, 180 - turn);
  const width = postShade({ depth: radius, round: true, angle, sameSide: true });
  const top = postShadeTop({
    postHeight: topOf(block),
    depth: radius,
    angle: Math.max(1, angle),
    sunAltitude: apparentAltitude,
  });
  const way = { x: Math.sin((along * Math.PI) / 180), y: Math.cos((along * Math.PI) / 180) };
  const ofPlan = (p: Point): number => (p.x - box.middle.x) * way.x + (p.y - box.middle.y) * way.y;
  const here = ofPlan(at);
  // Away from the sun along the netting.
  const down = turn < 90 ? -1 : 1;
  const from = -box.length / 2;
  let nearest: number | undefined;
  for (let post = from; post <= box.length / 2 + 1e-9; post += posts.spacing) {
    const middle = post + down * (radius + width / 2) - here;
    if (nearest === undefined || Math.abs(middle) < Math.abs(nearest)) nearest = middle;
  }
  if (nearest === undefined) return undefined;
  const view = bearingTo(lens, at);
  const isRight = Math.sin(((along - view) * Math.PI) / 180) > 0;
  const side = Math.abs(nearest) <= width / 2 ? "here" : nearest > 0 === isRight ? "right" : "left";
  return { width, away: Math.abs(nearest), side, top };
}
