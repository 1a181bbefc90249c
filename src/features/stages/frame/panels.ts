import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { KitForShot, mountedWords } from "../shot/KitForShot";
import { colourAnswer, depthAnswer, lensesAnswer, reachAnswer, softerAnswer } from "./answers";
import { FrameHead } from "./FrameHead";
import { Picture } from "./Picture";

/** Frame: how large the subject is with the lenses one owns, what crop is left, what is sharp, what lies behind. */
export const FRAME: readonly Panel[] = [
  {
    id: "frame-shot",
    title: "The shot",
    phone: "lead",
    wide: "main",
    when: always,
    load: withStage(FrameHead),
  },
  {
    id: "picture",
    title: "The picture",
    phone: "lead",
    wide: "fill",
    when: withPicture,
    load: withStage(Picture),
  },
  {
    id: "preview",
    title: "The picture before it is taken",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    load: whenSeen(async () => (await import("./Preview")).Preview),
  },
  {
    id: "depth",
    title: "Depth",
    phone: "open",
    wide: "main",
    lying: "open",
    when: withPicture,
    answer: depthAnswer,
    load: whenSeen(async () => (await import("./Depth")).Depth),
  },
  {
    id: "softer",
    title: "A softer background",
    phone: "folded",
    wide: "open",
    when: withPicture,
    answer: softerAnswer,
    load: whenSeen(async () => (await import("./Softer")).Softer),
  },
  {
    id: "stands-out",
    title: "Does it stand out",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: colourAnswer,
    load: whenSeen(async () => (await import("./StandsOut")).StandsOut),
  },
  {
    id: "reach",
    title: "Reach, converters and bodies",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: reachAnswer,
    load: whenSeen(async () => (await import("./ReachBothWays")).ReachBothWays),
  },
  {
    id: "lenses",
    title: "Lenses by position",
    phone: "folded",
    wide: "open",
    when: ({ rig }) => rig !== undefined,
    answer: lensesAnswer,
    load: whenSeen(async () => (await import("./LensTable")).LensTable),
  },
  {
    id: "more-pictures",
    title: "More pictures of it",
    phone: "folded",
    wide: "folded",
    when: always,
    load: whenSeen(async () => (await import("./MorePictures")).MorePictures),
  },
  {
    id: "group",
    title: "Groups, other lenses, close-up",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    load: whenSeen(async () => (await import("./GroupAndNear")).GroupAndNear),
  },
  {
    id: "kit",
    title: "Kit for this shot",
    phone: "folded",
    wide: "open",
    when: always,
    answer: mountedWords,
    load: withStage(KitForShot),
  },
];
