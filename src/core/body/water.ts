import type { Solid } from "./solid";
import type { Vec } from "./turned";

/** What of solids is above the water at z = 0; those that go into it are seen as far as it. */
export function aboveWater(solids: readonly Solid[]): Solid[] {
  return solids.flatMap((solid): Solid[] => {
    const { from, to, fromRadius, toRadius, further = [], ring } = solid;
    const reach = (at: Vec, radius: number): readonly [number, number] => [at.z - radius, at.z + radius];
    const balls = [
      reach(from, fromRadius + (ring?.radius ?? 0)),
      ...[to, ...further].map((at) => reach(at, toRadius)),
    ];
    if (Math.max(...balls.map(([, top]) => top)) <= 0.004) return [];
    return [Math.min(...balls.map(([low]) => low)) < 0 ? { ...solid, wet: true } : solid];
  });
}
