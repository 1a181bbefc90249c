import { editSpot } from "@/outing/edits";
import { bodyInDepthSentence } from "@/words";
import { SUBJECTS } from "@/core/catalogue";
import { anOuting } from "../../../test/outings";
import { bodyFromAbove } from "./body-figure";
import { bodyInDepth } from "./body-in-depth";

const hockey = anOuting("hockey-semi-final");

/** The semi-final with its spot turned so that the subject looks so many degrees past the camera. */
function turned(degrees: number) {
  const { sighting } = hockey.view.found!;
  const facing = (sighting.bearing + 180 + degrees + 360) % 360;
  return hockey.changed(editSpot(hockey.view.shot.spotId, { facing })).view;
}

test("of a face one sees less the further it turns away, and none of it from behind", () => {
  const seen = [0, 45, 75, 120, 180].map((degrees) => bodyInDepth(turned(degrees))!.face);
  const order = ["whole", "most", "part", "hardly", "none"];
  const ranks = seen.map((face) => order.indexOf(face));
  expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
  expect(ranks[0]).toBeLessThan(2);
  expect(seen.at(-1)).toBe("none");
});

test("what is deeper than the sharp zone is named soft: more in a thin zone than in a thick one, nothing in one as deep as the body", () => {
  const { view } = hockey;
  const { sighting } = view.found!;
  const zone = (half: number): typeof view => {
    const depth = { ...sighting.depth, near: sighting.distance - half, far: sighting.distance + half };
    return { ...view, found: { ...view.found!, sighting: { ...sighting, depth } } };
  };
  const soft = (half: number): number => bodyInDepth(zone(half))!.soft.length;
  const counts = [0.02, 0.1, 0.3, 1, 4].map(soft);
  expect(counts).toEqual([...counts].sort((a, b) => b - a));
  expect(counts[0]).toBeGreaterThan(2);
  expect(counts.at(-1)).toBe(0);
  expect(bodyInDepthSentence(bodyInDepth(zone(4))!)).toMatch(/all of it is sharp\.$/);
  expect(bodyInDepthSentence(bodyInDepth(zone(0.02))!)).toMatch(/this is soft: .* and more\.$/);
});

test("from above whatever has eyes looks up the drawing: they lie in its front half, but where a pose bends them back", () => {
  let [ahead, behind] = [0, 0];
  for (const subject of SUBJECTS) {
    const { pieces, eye } = bodyFromAbove(subject, { phase: 0, mirrored: false });
    if (!pieces.some((p) => p.look === "eye")) continue;
    const ys = pieces.flatMap((p) => p.outline.map(([, y]) => y));
    if (eye[1] > (Math.min(...ys) + Math.max(...ys)) / 2) ahead++;
    else behind++;
  }
  expect(ahead + behind).toBeGreaterThan(200);
  expect(behind / (ahead + behind)).toBeLessThan(0.2);
});
