import { always, whenSeen, withStage, type Panel } from "../screen/panel";
import { ShotInHand } from "../shot/ShotInHand";
import { countedAnswer } from "./answers";
import { CountForm } from "./CountForm";
import { Notes } from "./Notes";
import { Readings, readingsAnswer } from "./Readings";

/** Review: what came out, which settings gave keepers, what the light of the place was. */
export const REVIEW: readonly Panel[] = [
  {
    id: "review-shot",
    title: "The shot",
    phone: "lead",
    wide: "lead",
    when: always,
    load: withStage(ShotInHand),
  },
  {
    id: "count",
    title: "Count your frames",
    phone: "open",
    wide: "open",
    when: always,
    answer: ({ shot }) => `of ${shot.name}`,
    load: withStage(CountForm),
  },
  {
    id: "counted",
    title: "Keepers by shutter",
    phone: "open",
    wide: "half",
    when: always,
    answer: countedAnswer,
    load: whenSeen(async () => (await import("./Counted")).Counted),
  },
  {
    id: "readings",
    title: "Light here",
    phone: "folded",
    wide: "half",
    when: always,
    answer: readingsAnswer,
    load: withStage(Readings),
  },
  {
    id: "notes",
    title: "For next time",
    phone: "folded",
    wide: "open",
    when: always,
    answer: ({ outing }) => outing.notes || "nothing noted yet",
    load: withStage(Notes),
  },
];
