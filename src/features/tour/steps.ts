import { TOURED } from "../layout/tour";

/** A step of the tour: the screen that it speaks of, and what to do there. */
export interface TourStep {
  readonly href: string;
  readonly title: string;
  readonly words: string;
}

const at = (stage: string): string => `/outing/${TOURED}/${stage}`;

/** Five minutes on the demo, on the real screens, in the order of the work. */
export const TOUR: readonly TourStep[] = [
  {
    href: at("brief"),
    title: "What was promised",
    words: "A cup semi-final, four shots. Press one to see what it asks.",
  },
  {
    href: at("ground"),
    title: "Where to stand",
    words: "Drag the strip below: sun, shade and settings move together. Then drag the tag B.",
  },
  {
    href: at("frame"),
    title: "How large, how sharp",
    words: "Open The picture before it is taken, and press a stop, a place, an hour or a lens.",
  },
  {
    href: at("expose"),
    title: "What to set, and why",
    words: "Push the shutter’s rail: what the light fixes follows. Press a figure: it opens into its sum.",
  },
  {
    href: at("run"),
    title: "On the day",
    words: "The card, and under it the test shot: Too dark moves everything by what you found.",
  },
  {
    href: at("run"),
    title: "Ask anything",
    words: "Press the magnifier and type: is 1/250 enough. With nothing typed it tells what stands here.",
  },
];
