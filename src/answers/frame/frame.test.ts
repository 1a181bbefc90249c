import { bodyFigure } from "./body-figure";
import { editShot, standAlong } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { fallOf, previewsOf } from "./before-it-is-taken";
import { groupOf, near, nearFor, ringHolds } from "./groups";
import { morePictures } from "./more-pictures";
import { frameShape } from "./picture";
import { print } from "./print";
import { reach } from "./reach";
import { softer } from "./softer";
import { standsOut } from "./stand-out";

const hockey = anOuting("hockey-semi-final");
const { view } = hockey;

test("a magnification that is typed and walked to is the one that comes out", () => {
  const wished = nearFor(view, 1 / 60)!;
  const moved = hockey.changed(standAlong(view.position!.id, wished)).view;
  expect(moved.found!.sighting.distance).toBeCloseTo(wished.distance, 1);
  const zoomed = moved.found!.sighting.frame;
  expect(
    zoomed.magnification / (zoomed.focalLengthMm / view.found!.sighting.frame.focalLengthMm),
  ).toBeCloseTo(1 / 60, 3);
  expect(nearFor(view, 1)!.tooNear).toBe(true);
});

test("the second camera takes over with its own lenses on its own body", () => {
  const { over, serves, marked } = near(view)!;
  expect(over!.body.id).not.toBe(view.rig!.body.id);
  expect(over!.lens.id).not.toBe(view.rig!.lens.id);
  expect(serves.length).toBe(view.bag.lenses.length);
  const held = ringHolds(view, marked)!;
  expect(held.ok && held.value).toBeCloseTo(view.found!.sighting.distance, 6);
  expect(groupOf(view, 1, 3)!.row.between).toBeLessThan(groupOf(view, 1, 3)!.row.onFirst);
});

test("how far a print is looked at from was forgotten with the panel: it stays with the shot and counts in its circle", () => {
  const order = { longEdgeMm: 600, pixelsPerInch: 300, viewingDistance: 1 };
  const ordered = hockey.changed(editShot(view.shot.id, { print: order, circleRule: "arc-minute" })).view;
  expect(print(ordered)!.order).toEqual(order);
  const nearer = hockey.changed(
    editShot(view.shot.id, { print: { ...order, viewingDistance: 0.5 }, circleRule: "arc-minute" }),
  ).view;
  expect(print(nearer)!.found.circleMm).toBeCloseTo(print(ordered)!.found.circleMm / 2, 9);
  const depth = (v: typeof view) => v.found!.sighting.depth.hyperfocal;
  expect(depth(nearer)).toBeGreaterThan(depth(ordered));
});

test("framing a head counts the head as what has to be sharp, whatever part was held before", () => {
  const head = hockey.changed(editShot(view.shot.id, { part: "head" })).view;
  expect(view.found!.motion.held.name).not.toBe("head");
  expect(head.found!.motion.held).toMatchObject({ partId: "body", name: "head" });
  expect(head.found!.motion.held.speed).toBeLessThan(view.found!.motion.held.speed);
});

test("reach, levers, parting and more pictures are of the shot in hand", () => {
  expect(reach(view)!.bodies.map((b) => b.id)).toEqual(view.bag.bodies.map((b) => b.id));
  expect(softer(view)).toBe(softer(view));
  const parted = standsOut(view)!;
  expect(parted.isPerson).toBe(true);
  expect(parted.toWear.length).toBe(4);
  expect(morePictures(view).length).toBeGreaterThan(2);
  expect(frameShape(view)).toBeCloseTo(1.5, 6);
});

test("the pictures before it is taken are those of the shutter chosen, a stop either side, and pieces of the delivery, of the file and of a print", () => {
  const figure = bodyFigure(view.subject, {
    turn: 60,
    above: 0,
    phase: "peak",
    heads: 1,
    aloft: false,
    mirrored: false,
  });
  const { pictures, perPixel } = previewsOf(view, figure)!;
  const { shutter } = view.found!.settings.settings;
  expect(pictures.map((p) => [p.of, p.shutter])).toEqual([
    ["chosen", shutter],
    ["sharp", shutter],
    ["beside", shutter - 3],
    ["beside", shutter + 3],
    ["loupe", shutter],
    ["sensor", shutter],
    ["print", shutter],
  ]);
  expect(perPixel).toBeGreaterThan(1);
  // A crop that leaves no more pixels than are delivered has one piece for both.
  const all = hockey.changed(editShot(view.shot.id, { deliveredLongEdgePx: 6000 })).view;
  expect(previewsOf(all, figure)!.pictures.map((p) => p.of)).not.toContain("sensor");
  // Each limb smears by its own: not all of a body alike.
  const smears = pictures[0]!.picture.layers.flatMap((l) => (l.isSubject && l.smear ? [l.smear.length] : []));
  expect(Math.max(...smears)).toBeGreaterThan(1.5 * Math.min(...smears));
  expect(fallOf(view)).toBeUndefined();
  const wet = hockey.changed((o) => ({ ...o, weather: { falls: "rain" as const } })).view;
  expect(fallOf(wet)!.metres).toBeGreaterThan(0);
});
