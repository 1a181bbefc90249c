import { demoKit, demoOutings } from "../demo";
import { assess, frameView, type AssessInput } from "../src/core/judge";
import { sceneAt } from "../src/core/scene";

/** The demo's first shot from its second position, in the early afternoon under so many eighths of cloud: what the picture's checks are made of. */
export function firstShot(cloudEighths: number) {
  const outing = demoOutings[0]!;
  const shot = outing.shots[0]!;
  const input: AssessInput = {
    shot,
    subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
    position: outing.ground.positions[1]!,
    rig: { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! },
    scene: sceneAt(outing.ground, { cloudEighths, readings: [] }, Date.UTC(2026, 9, 17, 13)),
    order: ["lift", "aperture", "shutter", "iso"],
  };
  const found = assess(input);
  if (!found.ok) throw new Error(found.reason);
  return { outing, input, found, view: frameView(input, found) };
}
