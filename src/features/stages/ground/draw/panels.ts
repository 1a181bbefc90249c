import { always, whenSeen, type Panel } from "../../screen/panel";
import { onGroundAnswer } from "./on-ground-line";

const late = {
  plan: whenSeen(async () => (await import("./drawing-parts")).DrawnPlan),
  bar: whenSeen(async () => (await import("./drawing-parts")).DrawBar),
  fields: whenSeen(async () => (await import("./drawing-parts")).ThingFields),
  list: whenSeen(async () => (await import("./drawing-parts")).OnTheGround),
  files: whenSeen(async () => (await import("./drawing-parts")).GroundFiles),
  trace: whenSeen(async () => (await import("./drawing-parts")).TracePicture),
  shown: whenSeen(async () => (await import("./drawing-parts")).Shown),
};

/** The Ground stage while one draws on it. */
export const DRAWING: readonly Panel[] = [
  {
    id: "drawn-plan",
    title: "The plan, drawing",
    phone: "fill",
    wide: "fill",
    when: always,
    load: late.plan,
  },
  { id: "draw-bar", title: "Draw", phone: "lead", wide: "lead", when: always, load: late.bar },
  { id: "thing", title: "Typed exactly", phone: "open", wide: "open", when: always, load: late.fields },
  {
    id: "on-the-ground",
    title: "On the ground",
    phone: "folded",
    wide: "open",
    when: always,
    answer: onGroundAnswer,
    load: late.list,
  },
  {
    id: "ground-files",
    title: "Files",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: () => "GeoJSON, GPX, KML in; GeoJSON, GPX, SVG, PNG, paper out",
    load: late.files,
  },
  {
    id: "trace",
    title: "Trace a picture",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: () => "a plan or a screenshot under the ground",
    load: late.trace,
  },
  {
    id: "shown",
    title: "Shown and snapped",
    phone: "folded",
    wide: "folded",
    when: always,
    load: late.shown,
  },
];
