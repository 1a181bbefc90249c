import type { Arriving } from "@/data/beside";
import { framesSchema } from "@/data/schema/frame";
import { tagsInFileSchema } from "@/data/schema/tag";
import written from "./quarter-final-frames.json";

/** Frames and tags of the outing that is over, as `scripts/write-demo-pictures.ts` wrote them. */
export const demoBesides: readonly Arriving[] = [
  {
    outingId: "hockey-quarter-final",
    tagged: tagsInFileSchema.parse({ tags: written.tags, sounds: [] }),
    framed: framesSchema.parse(written.framed),
  },
];
