import { render } from "@testing-library/react";
import Svg from "react-native-svg";
import { FIGURES } from "@/core/motion";
import { SilhouetteDrawing } from "./SilhouetteDrawing";
import { ellipse, limb, smooth, type At, type Phase } from "./shape";
import { placedFigure, SILHOUETTES } from "./silhouettes";

const pointsOf = (figure: (typeof FIGURES)[number], turn = 90, phase: Phase = "peak"): At[] =>
  SILHOUETTES[figure].pieces(turn, phase).flatMap(({ outline }) => outline);
const spread = (values: number[]): number => Math.max(...values) - Math.min(...values);

test.each(FIGURES)("%s is as large as its measure says, and stands on the ground", (figure) => {
  const { unit, from, to } = SILHOUETTES[figure];
  const points = pointsOf(figure);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const extent = unit === "height" ? Math.max(...ys) : spread(unit === "span" ? ys : xs);
  // A bird's span is drawn foreshortened; a stooping one is measured along its fall.
  const measured = figure === "stooping" ? Math.max(...ys) : extent;
  expect(measured).toBeGreaterThan(unit === "span" ? 0.6 : 0.9);
  expect(measured).toBeLessThan(1.14);
  expect(Math.min(...xs)).toBeGreaterThan(from - 0.14);
  expect(Math.max(...xs)).toBeLessThan(to + 0.14);
  if (figure !== "flying") expect(Math.min(...ys)).toBeGreaterThan(-0.07);
});

test("every figure is whole numbers' neighbour at every phase and from every side: no point is lost, none flies off", () => {
  let drawn = 0;
  for (const figure of FIGURES)
    for (const phase of ["start", "peak", "end"] as const)
      for (const turn of [0, 45, 90, 135, 180]) {
        const points = pointsOf(figure, turn, phase);
        expect(points.length).toBeGreaterThan(figure === "drop" ? 20 : 40);
        expect(points.filter(([x, y]) => !(Math.abs(x) + Math.abs(y) < 3.2))).toEqual([]);
        drawn++;
      }
  expect(drawn).toBe(FIGURES.length * 15);
});

test("people and animals at work have three postures that differ, begun and ended otherwise than at the peak", () => {
  const still = ["diving", "vehicle", "motorcycle", "aircraft", "sail", "spider", "stooping", "drop"];
  for (const figure of FIGURES.filter((f) => !still.includes(f))) {
    const of = (phase: Phase): string => JSON.stringify(pointsOf(figure, 90, phase));
    expect([figure, new Set([of("start"), of("peak"), of("end")]).size]).toEqual([figure, 3]);
  }
});

test("a bird flies in four phases, its wings highest before the stroke and lowest at its end", () => {
  const tips = (["start", "peak", "end", "recovery"] as const).map((phase) => {
    const wings = SILHOUETTES.flying.pieces(90, phase).filter((p) => p.part === "wing");
    const ys = wings.flatMap((w) => w.outline.map(([, y]) => y));
    return { phase, high: Math.max(...ys), low: Math.min(...ys) };
  });
  expect(new Set(tips.map(({ high, low }) => `${high} ${low}`)).size).toBe(4);
  const [start, , end, recovery] = tips;
  expect(start!.low).toBeGreaterThan(end!.high - 0.05);
  // Half folded: nearer to the body than when they are spread.
  expect(recovery!.high - recovery!.low).toBeLessThan(tips[1]!.high - tips[1]!.low);
});

test("from the front a runner is as broad as shoulders, from the side as long as the stride; a swung thing is a tool", () => {
  const width = (turn: number): number => spread(pointsOf("running", turn).map(([x]) => x));
  expect(width(90)).toBeGreaterThan(2 * width(0));
  expect(width(0)).toBeGreaterThan(0.2);
  expect(width(180)).toBeCloseTo(width(0), 1);
  const parts = new Set(SILHOUETTES.batting.pieces(90, "peak").map((p) => p.part));
  expect([...parts].sort()).toEqual(["body", "limb", "tool"]);
  expect(SILHOUETTES.flying.pieces(90, "peak").some((p) => p.part === "wing")).toBe(true);
});

test("a limb is as wide at its joints as it is told, and rounded at its ends", () => {
  const outline = limb(
    [
      [0, 0],
      [1, 0],
    ],
    [0.2, 0.1],
    0,
  );
  expect(spread(outline.map(([, y]) => y))).toBeCloseTo(0.2, 6);
  expect(Math.min(...outline.map(([x]) => x))).toBeCloseTo(-0.1, 6);
  expect(Math.max(...outline.map(([x]) => x))).toBeCloseTo(1.05, 6);
  expect(spread(ellipse([0, 0], 2, 1).map(([x]) => x))).toBeCloseTo(4, 6);
  const corners: At[] = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ];
  for (const corner of corners) expect(smooth(corners)).toContainEqual(corner);
});

test("a figure drawn to the left is the mirror of the one to the right, feet on the same line", () => {
  const xs = (heads: 1 | -1): number[] => {
    const { container, unmount } = render(
      <Svg>
        <SilhouetteDrawing
          figure="running"
          size={100}
          left={200}
          top={300}
          aloft={false}
          heads={heads}
          colour="#000000"
        />
      </Svg>,
    );
    const paths = [...container.querySelectorAll("path")].map((p) => p.getAttribute("d")!);
    unmount();
    return paths.flatMap((d) => [...d.matchAll(/(-?[\d.]+) -?[\d.]+/g)].map((m) => Number(m[1]) - 200));
  };
  const [right, left] = [xs(1), xs(-1)];
  expect(right.length).toBeGreaterThan(100);
  right.forEach((x, i) => expect(left[i]! + x).toBeCloseTo(0, 0));
});

test("the mirror of a figure heads the same way with its limbs on the other side: face on mirrored, from the side as it was", () => {
  const limbs = (turn: number, mirrored: boolean): number[] =>
    placedFigure("throwing", 1.8, { phase: "peak", heads: 1, aloft: false, turn, mirrored })
      .filter(({ part }) => part === "limb")
      .map(({ outline }) => outline.reduce((sum, [x]) => sum + x, 0) / outline.length);
  expect(limbs(0, false).filter((x) => Math.abs(x) > 0.05).length).toBeGreaterThan(4);
  limbs(0, true).forEach((x, i) => expect(x).toBeCloseTo(-limbs(0, false)[i]!, 2));
  limbs(90, true).forEach((x, i) => expect(x).toBeCloseTo(limbs(90, false)[i]!, 2));
});
