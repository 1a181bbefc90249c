import { escaped, FAMILY } from "./paper";

/** A set as it is written on the card. */
export interface WrittenSet {
  /** "C1". */
  readonly key: string;
  readonly name: string;
  readonly exposure: string;
  readonly lines: readonly string[];
}

/** The card in words, as paper, text and calendar tell it. */
export interface WrittenCard {
  readonly title: string;
  readonly under: string;
  readonly sets: readonly WrittenSet[];
  readonly verdict: string;
  /** When settings change, and what is set then. */
  readonly changes: readonly { readonly time: string; readonly words: string; readonly detail: string }[];
  readonly cautions: readonly string[];
}

/** The card as plain text, a line each. */
export const cardText = ({ title, under, sets, verdict, changes, cautions }: WrittenCard): string =>
  [
    title,
    under,
    "",
    ...sets.flatMap((set) => [`${set.key} ${set.name}: ${set.exposure}`, ...set.lines.map((l) => `   ${l}`)]),
    verdict,
    "",
    ...changes.map(({ time, words, detail }) => `${time} ${words}${detail ? `: ${detail}` : ""}`),
    ...(cautions.length > 0 ? ["", ...cautions.map((c) => `! ${c}`)] : []),
    "",
  ].join("\n");

/** Changes and cautions that have room on the paper beside three sets. */
const ROOM = { changes: 9, cautions: 2 };

/** One page of A6, as a document that needs nothing else. */
export function cardSheet(card: WrittenCard): string {
  const sets = card.sets.map(
    (set) =>
      `<section><h2><b>${escaped(set.key)}</b> ${escaped(set.name)}</h2><p class="exposure">${escaped(set.exposure)}</p>${set.lines
        .map((l) => `<p>${escaped(l)}</p>`)
        .join("")}</section>`,
  );
  const changes = card.changes
    .slice(0, ROOM.changes)
    .map(
      ({ time, words, detail }) =>
        `<tr><th>${escaped(time)}</th><td>${escaped(words)}${detail ? `: ${escaped(detail)}` : ""}</td></tr>`,
    );
  const said = card.cautions.slice(0, ROOM.cautions);
  const more = card.cautions.length - said.length;
  const cautions = [...said, ...(more > 0 ? [`${more} more to mind: see the brief.`] : [])].map(
    (c) => `<p class="caution">! ${escaped(c)}</p>`,
  );
  return `<!doctype html><html lang="en"><head><meta charset="utf-8"><title>${escaped(card.title)}</title><style>
@page { size: 105mm 148mm; margin: 6mm }
body { margin: 0; font: 7pt/1.25 ${FAMILY}; color: #000 }
main { height: 135.5mm; overflow: hidden }
h1 { font-size: 11pt; margin: 0 }
h2 { font-size: 9pt; margin: 0; font-weight: 600 }
h2 b { border: 0.4mm solid #000; border-radius: 1mm; padding: 0 1mm }
p { margin: 0 }
section { border-top: 0.3mm solid #000; padding: 1.2mm 0; break-inside: avoid }
.exposure { font-size: 12.5pt; font-weight: 700 }
table { border-collapse: collapse; width: 100%; border-top: 0.3mm solid #000 }
th { text-align: left; vertical-align: top; width: 10mm; font-weight: 700 }
td { padding: 0.2mm 0 }
.caution { font-weight: 700; margin-top: 0.8mm }
</style></head><body><main><h1>${escaped(card.title)}</h1><p>${escaped(card.under)}</p>${sets.join("")}<p>${escaped(card.verdict)}</p><table>${changes.join("")}</table>${cautions.join("")}</main></body></html>`;
}
