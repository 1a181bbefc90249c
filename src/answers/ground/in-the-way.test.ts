import type { Outing } from "@/data";
import { movePosition } from "@/outing/edits";
import { fromNothing, looked } from "../../../test/outings";
import { sight } from "./in-the-way";

type Obstacle = Outing["ground"]["obstacles"][number];

const bird = looked(fromNothing("small-bird-singing"));

/** The same with a bar across the view, at a share of the subject's height above its foot. */
function withBar(share: number) {
  const { spot, position, subject } = bird.view;
  const way = { x: position!.at.x - spot.at.x, y: position!.at.y - spot.at.y };
  const length = Math.hypot(way.x, way.y);
  const [ux, uy] = [way.x / length, way.y / length];
  const middle = { x: spot.at.x + ux * 0.4 * length, y: spot.at.y + uy * 0.4 * length };
  const half = 1;
  const corner = (along: number, aside: number) => ({
    x: middle.x + ux * along + -uy * aside,
    y: middle.y + uy * along + ux * aside,
  });
  const foot = spot.aimHeight - subject.height / 2;
  const low = foot + share * subject.height;
  // At this share of the way the line from the lens to a height at the subject is so high.
  const at = (z: number): number => z + (position!.lensHeight - z) * 0.4;
  const bar = {
    id: "bar",
    name: "Branch",
    kind: "wall",
    base: at(low),
    height: at(low + 0.3 * subject.height),
    outline: [corner(-0.02, -half), corner(-0.02, half), corner(0.02, half), corner(0.02, -half)],
  } as unknown as Obstacle;
  return bird.changed((o) => ({ ...o, ground: { ...o.ground, obstacles: [...o.ground.obstacles, bar] } }));
}

test("Ground said that nothing is in the way where Frame drew a branch across the head: what hides any of the figure is told", () => {
  expect(sight(bird.view)!.hidden.share).toBe(0);
  const { view } = withBar(0.75);
  const answer = sight(view)!;
  expect(view.found!.sighting.blockage).toBeUndefined();
  expect(answer.hidden.share).toBeGreaterThan(0);
  expect(answer.hidden.obstacleIds).toEqual(["bar"]);
  expect(view.frame!.things.some((t) => t.id === "bar" && t.distance < view.frame!.subjectDistance)).toBe(
    true,
  );
  expect(view.found!.judgement.map((j) => j.code)).toContain("partly-hidden");
  expect(view.found!.score.value).toBeLessThan(bird.view.found!.score.value);
});

test("a way past is one from which all of the figure is seen", () => {
  const hidden = withBar(0.75);
  const { past } = sight(hidden.view)!;
  expect(past.length).toBeGreaterThan(0);
  for (const { to } of past) {
    const there = hidden.changed(movePosition(hidden.view.position!.id, to)).view;
    expect(sight(there)!.hidden.share).toBe(0);
  }
});
