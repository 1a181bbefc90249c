import type { Outing, Preferences } from "@/data";
import type { Frame } from "@/data/schema/frame";
import type { Sidecar } from "@/data/pictures/sidecar";
import type { MatchedBurst } from "../frames/matched";
import { keptOf } from "../leaving/as-it-leaves";
import { captionFields, whoIsIn } from "./fields";
import { captionOf, wordsOf } from "./template";

/** What a photographer says of every picture: templates, and words of their own; keywords are templates parted by commas. */
export type CaptionWays = NonNullable<Preferences["captions"]>;

export const USUAL_CAPTION: CaptionWays = {
  title: "{person}[, {event}]",
  description: "{person}[ ({club})][, {shot}][, {event}][ at {place}], {date}",
  keywords: "{sport}, {event}, {place}, {person}, {subject}, {scientific}",
  creator: "",
  credit: "",
  rights: "© {year} {creator}",
  terms: "",
};

/** A frame's caption, ready to be written. */
export interface Caption {
  readonly frame: Frame;
  readonly sidecar: Sidecar;
  /** Somebody in it refused: it is flagged wherever it is listed. */
  readonly isRefused: boolean;
  /** A nest or a den is minded where it was taken: its place is named nowhere. */
  readonly isPlaceHeld: boolean;
}

/** The caption of a frame by the templates: nobody is named who refused. */
export function captionFor(outing: Outing, frame: Frame, burst: MatchedBurst, ways: CaptionWays): Caption {
  const fields = captionFields(outing, frame, burst, ways.creator);
  const { names, isRefused } = whoIsIn(outing, frame, burst);
  const say = (template: string): string => captionOf(template, fields);
  return {
    frame,
    isRefused,
    isPlaceHeld: keptOf(outing).hasNests,
    sidecar: {
      title: say(ways.title),
      description: say(ways.description),
      keywords: wordsOf(ways.keywords, fields),
      creator: ways.creator,
      credit: ways.credit,
      rights: say(ways.rights),
      terms: ways.terms,
      persons: names,
      event: fields.event[0] ?? fields.outing[0] ?? "",
      location: fields.place[0] ?? "",
      ...(frame.rating !== undefined && { rating: frame.rating }),
    },
  };
}
