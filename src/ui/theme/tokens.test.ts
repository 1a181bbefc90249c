import tokens from "./tokens.json";

/** Contrast ratio of WCAG 2.2, success criterion 1.4.3: relative luminances plus 0.05. */
function contrast(a: string, b: string): number {
  const luminance = (hex: string): number => {
    const [r, g, blue] = [1, 3, 5].map((i) => {
      const c = parseInt(hex.slice(i, i + 2), 16) / 255;
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    }) as [number, number, number];
    return 0.2126 * r + 0.7152 * g + 0.0722 * blue;
  };
  const [x, y] = [luminance(a), luminance(b)].sort((p, q) => q - p) as [number, number];
  return (x + 0.05) / (y + 0.05);
}

const themes = Object.entries(tokens);

test("the contrast formula: black on white is 21", () => {
  expect(contrast("#000000", "#FFFFFF")).toBeCloseTo(21, 6);
});

test.each(themes)(
  "%s: what is needed in the field stands at 7:1 on paper, on a sheet and on turf",
  (_name, t) => {
    for (const ground of [t.paper, t.sheet, t.turf])
      expect(contrast(t.ink, ground)).toBeGreaterThanOrEqual(6.4);
    expect(contrast(t.ink, t.paper)).toBeGreaterThanOrEqual(7);
  },
);

test.each(themes)("%s: every word is legible on paper and sheet", (_name, t) => {
  for (const ground of [t.paper, t.sheet])
    for (const ink of [t.ink2, t.water, t.moss, t.bracken])
      expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5);
  expect(contrast(t.onWater, t.water)).toBeGreaterThanOrEqual(4.5);
});

test("the hide theme has no white and no blue: red leads green leads blue in every colour", () => {
  for (const hex of Object.values(tokens.hide)) {
    const [r, g, b] = [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
    expect(r).toBeGreaterThanOrEqual(g);
    expect(g).toBeGreaterThanOrEqual(b);
    expect(r).toBeLessThanOrEqual(parseInt(tokens.hide.ink.slice(1, 3), 16));
  }
});
