import { toCoordinates, type Point } from "@/core/ground";
import type { Outing } from "../schema";

/** As XML 1.0 lets it stand: without the control characters that it has no way to write. */
const escaped = (text: string): string =>
  text
    .replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, "")
    .replace(/[&<>"]/g, (c) => ({ "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" })[c]!);

/** Positions and spots as way-points, tracks as tracks: GPX 1.1, for a phone or a watch on the way. */
export function toGpx({ name, ground }: Pick<Outing, "name" | "ground">): string {
  const at = (p: Point): string => {
    const { latitude, longitude } = toCoordinates(ground.anchor, p);
    return `lat="${latitude.toFixed(7)}" lon="${longitude.toFixed(7)}"`;
  };
  const way = (kind: string, p: { readonly name: string; readonly at: Point }): string =>
    `  <wpt ${at(p.at)}><name>${escaped(p.name)}</name><type>${kind}</type></wpt>`;
  const track = ({ name: called, points }: Outing["ground"]["tracks"][number]): string =>
    [
      `  <trk><name>${escaped(called)}</name><trkseg>`,
      ...points.map((p) => `    <trkpt ${at(p)}></trkpt>`),
      "  </trkseg></trk>",
    ].join("\n");
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<gpx version="1.1" creator="Bright Perch" xmlns="http://www.topografix.com/GPX/1/1">',
    `  <metadata><name>${escaped(name)}</name></metadata>`,
    ...ground.positions.map((p) => way("position", p)),
    ...ground.spots.map((s) => way("spot", s)),
    ...ground.tracks.map(track),
    "</gpx>",
    "",
  ].join("\n");
}
