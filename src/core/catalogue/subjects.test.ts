import { SUBJECTS } from "./subjects";

test("every subject has an id of its own, a size, speeds in range and tells how it is known", () => {
  expect(new Set(SUBJECTS.map((s) => s.id)).size).toBe(SUBJECTS.length);
  for (const s of SUBJECTS) {
    expect(s.id).toMatch(/^[a-z0-9-]{1,40}$/);
    expect(s.height).toBeGreaterThan(0.5);
    expect(s.bodySpeed).toBeLessThan(15);
    expect(s.known.length).toBeGreaterThan(0);
    for (const part of s.parts) if (part.partClass === "tool") expect(part.halfWidth).toBeGreaterThan(0.01);
  }
});

// FIH Rules of Hockey: a ball of 224 to 235 mm round is 71.3 to 74.8 mm thick.
test("the ball is as thick as the rules have it", () => {
  const ball = SUBJECTS.flatMap((s) => s.parts).find((p) => p.id === "ball")!;
  expect(2000 * ball.halfWidth!).toBeGreaterThan(71.3);
  expect(2000 * ball.halfWidth!).toBeLessThan(74.8);
});
