import { escaped, FAMILY } from "../paper";

/** The story of a day in words and drawings, as its page tells it. */
export interface JournalPage {
  readonly title: string;
  readonly under: string;
  /** What the day was, in a sentence or two. */
  readonly opening: string;
  /** An SVG document of the plan. */
  readonly plan?: string;
  /** The light over the day: shares 0 … 1 of the window and of the range, and what is said at both ends. */
  readonly light?: {
    readonly points: readonly { readonly x: number; readonly y: number }[];
    readonly from: string;
    readonly until: string;
    readonly words: string;
  };
  readonly moments: readonly { readonly time: string; readonly words: string; readonly isEvent: boolean }[];
  readonly pictures: readonly { /** base64. */ readonly jpeg: string; readonly words: string }[];
  readonly shots: readonly {
    readonly name: string;
    readonly words: string;
    readonly taken: number;
    readonly kept: number;
  }[];
  readonly notes: string;
}

const CURVE = { width: 600, height: 90 };

function lightDrawn({ points, from, until, words }: NonNullable<JournalPage["light"]>): string {
  const { width, height } = CURVE;
  const line = points
    .map(({ x, y }) => `${(x * width).toFixed(1)},${(height - 14 - y * (height - 26)).toFixed(1)}`)
    .join(" ");
  return `<figure><svg viewBox="0 0 ${width} ${height}" role="img" aria-label="${escaped(words)}"><polyline points="${line}" fill="none" stroke="#8a5300" stroke-width="3"/><line x1="0" y1="${height - 13}" x2="${width}" y2="${height - 13}" stroke="#999"/><text x="0" y="${height - 1}" font-size="11">${escaped(from)}</text><text x="${width}" y="${height - 1}" font-size="11" text-anchor="end">${escaped(until)}</text></svg><figcaption>${escaped(words)}</figcaption></figure>`;
}

const shotLine =
  (most: number) =>
  ({ name, words, taken, kept }: JournalPage["shots"][number]): string =>
    `<tr><th>${escaped(name)}</th><td><svg viewBox="0 0 200 12" width="200" height="12" aria-hidden="true"><rect x="0.5" y="0.5" width="${((199 * taken) / most).toFixed(1)}" height="11" fill="none" stroke="#0b5b66"/><rect x="0.5" y="0.5" width="${((199 * kept) / most).toFixed(1)}" height="11" fill="#0b5b66"/></svg></td><td>${escaped(words)}</td></tr>`;

/** The journal of an outing as a page that needs nothing else; on A4 by the browser's print dialog. */
export function journalSheet({
  title,
  under,
  opening,
  plan,
  light,
  moments,
  pictures,
  shots,
  notes,
}: JournalPage): string {
  const most = Math.max(1, ...shots.map((s) => s.taken));
  const told = moments.map(
    ({ time, words, isEvent }) =>
      `<li${isEvent ? ' class="event"' : ""}><time>${escaped(time)}</time><span>${escaped(words)}</span></li>`,
  );
  const shown = pictures.map(
    ({ jpeg, words }) =>
      `<figure><img src="data:image/jpeg;base64,${jpeg}" alt="${escaped(words)}"><figcaption>${escaped(words)}</figcaption></figure>`,
  );
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(title)}</title><style>
@page { size: A4 portrait; margin: 14mm }
body { margin: 0 auto; max-width: 720px; padding: 16px; font: 16px/1.45 ${FAMILY}; color: #111; background: #fff }
h1 { font-size: 30px; line-height: 1.15; margin: 0 }
h2 { font-size: 18px; margin: 24px 0 6px }
p { margin: 6px 0 }
figure { margin: 12px 0; break-inside: avoid }
figcaption { font-size: 14px; color: #444 }
svg { max-width: 100%; height: auto; display: block }
.plan svg { max-height: 420px }
ol { list-style: none; margin: 0; padding: 0 }
li { display: grid; grid-template-columns: 64px 1fr; padding: 3px 0; break-inside: avoid }
li.event { font-weight: 700; border-top: 1px solid #999; margin-top: 8px; padding-top: 8px }
time { font-variant-numeric: tabular-nums }
.pictures { display: grid; grid-template-columns: repeat(auto-fill, minmax(200px, 1fr)); gap: 12px }
.pictures img { width: 100%; height: auto; display: block }
table { border-collapse: collapse; width: 100% }
th { text-align: left; font-weight: 600 }
th, td { padding: 3px 8px 3px 0; vertical-align: middle }
@media print { body { font-size: 10.5pt; padding: 0 } .pictures { grid-template-columns: repeat(3, 1fr) } }
</style></head><body><h1>${escaped(title)}</h1><p>${escaped(under)}</p><p>${escaped(opening)}</p>${plan ? `<figure class="plan">${plan}</figure>` : ""}${light ? lightDrawn(light) : ""}<h2>The day</h2><ol>${told.join("")}</ol>${shown.length > 0 ? `<h2>Pictures</h2><div class="pictures">${shown.join("")}</div>` : ""}${shots.length > 0 ? `<h2>What came out</h2><table>${shots.map(shotLine(most)).join("")}</table>` : ""}${
    notes
      ? `<h2>Notes</h2>${notes
          .split("\n")
          .map((line) => `<p>${escaped(line)}</p>`)
          .join("")}`
      : ""
  }</body></html>`;
}
