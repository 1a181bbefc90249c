import { demoKit, demoOutings } from "../../demo";
import { assess } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { intentWords, modeSentence, placeWords, scoreWords } from ".";

const outing = demoOutings[0]!;
const from = (x: number, y: number) => {
  const found = assess({
    shot: outing.shots[0]!,
    subject: outing.subjects.find((s) => s.id === outing.shots[0]!.subjectId)!,
    position: { id: "p", name: "P", at: { x, y }, lensHeight: 1.2 },
    rig: { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! },
    scene: sceneAt(outing.ground, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 9, 17, 14)),
    order: ["lift", "aperture", "shutter", "iso"],
  });
  if (!found.ok) throw new Error(found.reason);
  return found;
};

test("a place is told by what weighs most for it and by its weakest point", () => {
  const far = placeWords(from(40, -60));
  expect(far).toMatch(/^[a-z ]+, but [a-z ]+$/);
  expect(far).toContain("far for your lens");
  for (const code of from(-30, 20).score.parts.map((p) => p.code))
    expect(
      placeWords({
        ...from(-30, 20),
        score: { value: 1, vetoed: false, parts: [{ code, score: 0.2, weight: 1, numbers: {} }] },
      }),
    ).toMatch(/, but /);
});

test("scores, intents and ways of exposing in words", () => {
  expect(scoreWords(0.864)).toBe("86 points");
  expect((["freeze", "pan", "streak", "still", "reaction", "context"] as const).map(intentWords)).toEqual([
    "Freeze",
    "Pan",
    "Streak",
    "Still",
    "Reaction",
    "In its place",
  ]);
  expect(modeSentence({ mode: "manual", reason: "steady" })).toBe("Manual: the light is steady.");
  expect(modeSentence({ mode: "manual-with-clicks", reason: "zones-differ", clicks: 2 })).toBe(
    "Manual; zones differ by 2/3 stop: click as play moves.",
  );
  expect(modeSentence({ mode: "auto-iso", reason: "light-swings", stops: 3 })).toContain("swings by 3 stops");
  expect(modeSentence({ mode: "manual-for-the-pocket", reason: "pocket-of-light", stops: 3 })).toMatch(
    /pocket/,
  );
});
