import type { ComponentType } from "react";
import type { Run } from "@/data";
import type { DrillProps } from "./played-on";

/** A drill: what it trains, and in which unit it is scored. */
export interface DrillEntry {
  readonly id: Run["drill"];
  readonly title: string;
  readonly line: string;
  readonly load: () => Promise<ComponentType<DrillProps>>;
}

export const DRILL_ENTRIES: readonly DrillEntry[] = [
  {
    id: "pan",
    title: "Pan",
    line: "follow what crosses at its true speed",
    load: async () => (await import("./pan/Pan")).Pan,
  },
  {
    id: "moment",
    title: "Moment",
    line: "press at the top, at contact, at the take-off",
    load: async () => (await import("./moment/Moment")).Moment,
  },
  {
    id: "stops",
    title: "Stops",
    line: "three dark, where from; equal exposures; zones",
    load: async () => (await import("./stops/Stops")).StopsDrill,
  },
  {
    id: "light",
    title: "Light",
    line: "name the EV of a scene",
    load: async () => (await import("./light/Light")).LightDrill,
  },
  {
    id: "blur",
    title: "Blur",
    line: "which shutter was it, and what moved",
    load: async () => (await import("./blur/Blur")).BlurDrill,
  },
  {
    id: "stand",
    title: "Where to stand",
    line: "one of four places, scored by the judge",
    load: async () => (await import("./stand/Stand")).StandDrill,
  },
];

/** The lessons for somebody whose pictures are dark or blurred. */
export const COURSE = "course";
export const loadCourse = async () => (await import("./course/Course")).Course;
