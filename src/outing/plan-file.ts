import { escaped, FAMILY } from "./paper";

/** What is written about a plan beside its drawing. */
export interface PlanHead {
  readonly title: string;
  /** Date, place and what else stands under the title. */
  readonly under: string;
}

export interface DrawnPlan {
  /** The content of an SVG element, and its size in px. */
  readonly inner: string;
  readonly width: number;
  readonly height: number;
}

/** A list that is printed under the plan. */
export interface SheetList {
  readonly title: string;
  readonly lines: readonly string[];
}

const HEAD = 64;
const MARGIN = 16;

/** The faces of the application by their weight: an image has none of its fonts, and takes what the reader's machine has. */
const withPlainFonts = (inner: string): string =>
  inner.replace(
    /font-family="?Text-(\d+)"?/g,
    (_, weight: string) => `font-family="${FAMILY}" font-weight="${weight}"`,
  );

/** A plan as an SVG document of its own with its title above it; paper white, so that it prints. */
export function planSvg({ inner, width, height }: DrawnPlan, { title, under }: PlanHead): string {
  const high = height + HEAD;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="${width}" height="${high}" viewBox="0 0 ${width} ${high}" role="img">`,
    `<title>${escaped(`${title}, ${under}`)}</title>`,
    `<rect width="${width}" height="${high}" fill="#fff"/>`,
    `<text x="${MARGIN}" y="30" font-family="${FAMILY}" font-weight="700" font-size="22">${escaped(title)}</text>`,
    `<text x="${MARGIN}" y="52" font-family="${FAMILY}" font-size="14">${escaped(under)}</text>`,
    `<svg y="${HEAD}" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">${withPlainFonts(inner)}</svg>`,
    "</svg>",
  ].join("\n");
}

/** A sheet of A4 with the plan and what is written to it, as a document that needs nothing else. */
export function planSheet(svg: string, title: string, lists: readonly SheetList[]): string {
  const listed = lists
    .filter(({ lines }) => lines.length > 0)
    .map(
      (list) =>
        `<section><h2>${escaped(list.title)}</h2><ul>${list.lines.map((l) => `<li>${escaped(l)}</li>`).join("")}</ul></section>`,
    );
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${escaped(title)}</title><style>
@page { size: A4 portrait; margin: 12mm }
body { margin: 0; font: 10pt/1.35 ${FAMILY}; color: #000 }
svg.plan { display: block; width: 100%; height: auto; max-height: 190mm }
main { columns: 2; column-gap: 8mm; margin-top: 4mm }
section { break-inside: avoid }
h2 { font-size: 11pt; margin: 2mm 0 1mm }
ul { margin: 0; padding-left: 4mm }
</style></head><body>${svg.replace("<svg ", '<svg class="plan" ')}<main>${listed.join("")}</main></body></html>`;
}
