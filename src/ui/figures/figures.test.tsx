import { render } from "@testing-library/react";
import Svg from "react-native-svg";
import { FIGURES } from "@/core/motion";
import { SilhouetteDrawing } from "./SilhouetteDrawing";
import { smoothPath, type At } from "./shape";
import { SILHOUETTES } from "./silhouettes";

const pointsOf = (figure: (typeof FIGURES)[number]): At[] => {
  const { strokes, discs = [], outlines = [] } = SILHOUETTES[figure];
  return [
    ...strokes.flatMap(({ through, width }) =>
      through.flatMap(([x, y]): At[] => [
        [x, y + width / 2],
        [x, y - width / 2],
      ]),
    ),
    ...discs.flatMap(({ at: [x, y], radius }): At[] => [
      [x, y + radius],
      [x, y - radius],
    ]),
    ...outlines.flat(),
  ];
};

test.each(FIGURES)("%s is as large as its measure says, and stands on the ground", (figure) => {
  const { unit, from, to } = SILHOUETTES[figure];
  const points = pointsOf(figure);
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])];
  const extent =
    unit === "height"
      ? Math.max(...ys)
      : unit === "span"
        ? Math.max(...ys) - Math.min(...ys)
        : Math.max(...xs) - Math.min(...xs);
  // A bird's span is drawn foreshortened; a stooping one is measured along its fall.
  const measured = figure === "stooping" ? Math.max(...ys) : extent;
  expect(measured).toBeGreaterThan(unit === "span" ? 0.6 : 0.9);
  expect(measured).toBeLessThan(1.12);
  expect(Math.min(...xs)).toBeGreaterThan(from - 0.12);
  expect(Math.max(...xs)).toBeLessThan(to + 0.12);
  if (figure !== "flying") expect(Math.min(...ys)).toBeGreaterThan(-0.07);
});

test("a smooth outline passes through its points", () => {
  const path = smoothPath(
    [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ],
    ([x, y]) => [10 * x, 10 * y],
  );
  for (const corner of ["10.0 0.0", "10.0 10.0", "0.0 10.0", "0.0 0.0"]) expect(path).toContain(corner);
  expect(path.match(/C/g)).toHaveLength(4);
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
    const found = [...container.querySelectorAll("circle")].map((c) => Number(c.getAttribute("cx")) - 200);
    unmount();
    return found;
  };
  expect(xs(1)).toHaveLength(1);
  expect(xs(1)[0]).toBeGreaterThan(0);
  expect(xs(-1)[0]).toBeCloseTo(-xs(1)[0]!, 6);
});
