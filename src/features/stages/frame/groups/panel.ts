import { magnificationWords } from "@/words";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const groupsPanel: Panel = {
  id: "groups",
  worked: [
    "hyperfocal",
    "depthOfField.near",
    "depthOfField.far",
    "fNumberForDepth",
    "bellowsLoss",
    "distanceFromMark",
    "distanceForImage",
  ],
  title: "Groups, other lenses, close-up",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: ({ found }) =>
    found ? `magnification ${magnificationWords(found.sighting.frame.magnification)}` : "",
  load: whenSeen(async () => (await import("./View")).GroupAndNear),
};
