import { demoKit, demoOutings } from "../demo";

const outing = demoOutings[0]!;

/** The demo's first shot from its second position, with a body that goes on into the night: all that is asked but the scene. */
export const hockeyWalk = {
  shot: outing.shots[0]!,
  subject: outing.subjects.find((s) => s.id === outing.shots[0]!.subjectId)!,
  position: outing.ground.positions[1]!,
  rig: {
    body: { ...demoKit.bodies[0]!, isoCeiling: 51_200, maxIso: 102_400 },
    lens: demoKit.lenses[0]!,
    support: demoKit.supports[1]!,
  },
  order: ["lift", "aperture", "shutter", "iso"] as const,
};
