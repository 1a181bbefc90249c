import { differenceCiede2000 } from "culori/fn";
import { demoOutings } from "../../../demo";
import { assessed } from "../../../test/assessed";
import { hockeyWalk } from "../../../test/hockey-walk";
import { colouredAs, SWATCH_NAMES } from "../ground";
import { sceneAt } from "../scene";
import type { AssessInput, Assessment } from "./assessment";
import { colourBehind } from "./colour-behind";
import { coloursToWear, partingOf, standsOut } from "./stands-out";

const input: AssessInput = {
  ...hockeyWalk,
  scene: sceneAt(demoOutings[0]!.ground, { cloudEighths: 8, readings: [] }, Date.UTC(2026, 9, 17, 13)),
};
const found = assessed(input);
const before = (kind: Assessment["sighting"]["background"]["kind"], id?: string): Assessment => ({
  ...found,
  sighting: { ...found.sighting, background: { ...found.sighting.background, kind, obstacleId: id } },
});

test("the library's difference of colour is that of CIE 2000: a pair of Sharma, Wu and Dalal 2005 (from memory)", () => {
  const difference = differenceCiede2000();
  const one = { mode: "lab65", l: 50, a: 2.6772, b: -79.7751 } as const;
  const two = { mode: "lab65", l: 50, a: 0, b: -82.7485 } as const;
  expect(difference(one, two)).toBeCloseTo(2.0425, 4);
});

test("a swatch throws back what its sRGB value says, and its tint makes up its luminance again", () => {
  expect(colouredAs("white").luminance).toBeCloseTo(0.84, 1);
  for (const name of SWATCH_NAMES) {
    const [r, g, b] = colouredAs(name).tint;
    expect(0.2126 * r + 0.7152 * g + 0.0722 * b).toBeCloseTo(1, 6);
  }
});

test("blue and red part better from trees than black, earth or green, and stand out in snow (common practice); white sinks into snow", () => {
  const trees = before("trees", "none");
  for (const colour of ["blue", "red"] as const)
    for (const dull of ["black", "earth", "dark-green"] as const)
      expect(standsOut(input, trees, colour).difference).toBeGreaterThan(
        standsOut(input, trees, dull).difference,
      );
  const snow: AssessInput = {
    ...input,
    scene: { ...input.scene, ground: { ...input.scene.ground, surface: "snow", areas: [] } },
  };
  expect(standsOut(snow, before("ground"), "red").parting).toBe("stands-out");
  expect(standsOut(snow, before("ground"), "blue").parting).toBe("stands-out");
  expect(standsOut(snow, before("ground"), "snow").difference).toBeLessThan(10);
});

test("dark green before dark green trees stood out, the trees lit as if they lay on the ground: they differ by nothing in every light", () => {
  const [trees] = [{ kind: "trees" as const, name: "Wood", height: 12 }];
  let tried = 0;
  for (const cloudEighths of [0, 4, 8])
    for (const hour of [9, 11, 13, 15, 17])
      for (const bearing of [0, 90, 180, 270]) {
        const turn = (bearing * Math.PI) / 180;
        const wood = [-20, 20].flatMap((a) => [30, 36].map((b) => ({ a, b })));
        const outline = [wood[0]!, wood[2]!, wood[3]!, wood[1]!].map(({ a, b }) => ({
          x: a * Math.cos(turn) + b * Math.sin(turn),
          y: -a * Math.sin(turn) + b * Math.cos(turn),
        }));
        const bare = {
          ...demoOutings[0]!.ground,
          obstacles: [{ ...trees, id: "wood", outline }],
          spots: [{ id: "here", name: "Here", at: { x: 0, y: 0 }, aimHeight: 1, facing: 0, zoneId: "pitch" }],
        };
        const seen: AssessInput = {
          ...input,
          shot: { ...input.shot, spotId: "here" },
          position: {
            id: "p",
            name: "P",
            at: { x: -25 * Math.sin(turn), y: -25 * Math.cos(turn) },
            lensHeight: 1,
          },
          scene: sceneAt(bare, { cloudEighths, readings: [] }, Date.UTC(2026, 9, 17, hour)),
        };
        const picture = assessed(seen);
        if (picture.sighting.background.kind !== "trees" || picture.light.direct === "shaded") continue;
        // What is left is the sky that the wood takes from the subject.
        expect(Math.abs(standsOut(seen, picture, "dark-green").stops)).toBeLessThan(0.34);
        expect(standsOut(seen, picture, "dark-green").parting).toBe("sinks-in");
        tried++;
      }
  expect(tried).toBeGreaterThan(30);
});

test("the background is as bright as its own light makes it: in the shade of its subject's light it is darker", () => {
  const trees = before("trees", "none");
  const brighter = {
    ...trees,
    light: { ...trees.light, lux: { ...trees.light.lux, total: trees.light.lux.total * 2 } },
  };
  const stops = Math.log2(
    colourBehind(input, trees, trees.sighting.background).luminance /
      colourBehind(input, brighter, trees.sighting.background).luminance,
  );
  expect(stops).toBeCloseTo(1, 6);
  expect(standsOut(input, brighter, "red").stops - standsOut(input, trees, "red").stops).toBeCloseTo(1, 6);
});

test("limits as told: a third of a stop and ΔE 10 sink in, a stop or ΔE 30 stand out", () => {
  expect(partingOf(0.3, 9)).toBe("sinks-in");
  expect(partingOf(0.3, 11)).toBe("parts");
  expect(partingOf(-0.4, 5)).toBe("parts");
  expect(partingOf(-1.1, 5)).toBe("stands-out");
  expect(partingOf(0, 31)).toBe("stands-out");
});

test("what to wear begins with what parts best, is what clothes are made in, and is never grey or black", () => {
  const offered = coloursToWear(input, before("trees", "none"));
  expect(offered.map((o) => o.difference)).toEqual(offered.map((o) => o.difference).sort((a, b) => b - a));
  for (const name of ["black", "stone", "concrete", "skin"] as const)
    expect(offered.map((o) => o.colour)).not.toContain(name);
  expect(offered.findIndex((o) => o.colour === "dark-green")).toBeGreaterThan(offered.length / 2);
});
