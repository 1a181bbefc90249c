import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { backgroundWords, percentWords } from "@/words";

/** What is in the way, or what stands behind, in a line. */
const sightAnswer = ({ found }: OutingView): string =>
  found
    ? found.sighting.blockage
      ? "view blocked"
      : `${found.sighting.hidden.share > 0 ? `${percentWords(found.sighting.hidden.share)} hidden` : "clear"}; behind: ${backgroundWords(found.sighting.background)}`
    : "";

export const inTheWayPanel: Panel = {
  id: "in-the-way",
  title: "In the way, behind, and the faces",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: sightAnswer,
  load: whenSeen(async () => (await import("./View")).SightFromHere),
};
