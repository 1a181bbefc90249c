import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { KitForShot, mountedWords } from "../shot/KitForShot";
import { depthAnswer, lensesAnswer } from "./answers";
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
    id: "lenses",
    title: "Lenses by position",
    phone: "folded",
    wide: "open",
    when: ({ rig }) => rig !== undefined,
    answer: lensesAnswer,
    load: whenSeen(async () => (await import("./LensTable")).LensTable),
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
