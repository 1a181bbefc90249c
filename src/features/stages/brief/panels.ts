import { countWords } from "@/words";
import { always, whenSeen, withStage, type Panel } from "../screen/panel";
import { Cautions } from "./Cautions";
import { Editor } from "./Editor";
import { Facts } from "./Facts";
import { Sketch } from "./Sketch";

/** Brief: what was promised, of whom, when, and who lets one stand where. */
export const BRIEF: readonly Panel[] = [
  { id: "facts", title: "When and where", phone: "lead", wide: "lead", when: always, load: withStage(Facts) },
  {
    id: "promised",
    title: "Promised",
    phone: "open",
    wide: "half",
    when: always,
    answer: ({ outing: { shots } }) =>
      `${countWords(shots.length, "shot")}, ${countWords(
        shots.reduce((n, s) => n + s.wanted, 0),
        "picture",
      )}`,
    load: whenSeen(async () => (await import("./Promised")).Promised),
  },
  {
    id: "programme",
    title: "Programme",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: ({ outing: { programme = [] } }) =>
      programme.length === 0 ? "nothing put in" : countWords(programme.length, "event"),
    load: whenSeen(async () => (await import("./programme/Programme")).Programme),
  },
  {
    id: "people",
    title: "My people",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: ({ outing: { people = [] } }) =>
      people.length === 0 ? "nobody yet" : countWords(people.length, "person", "people"),
    load: whenSeen(async () => (await import("./people/People")).People),
  },
  {
    id: "arrangements",
    title: "Arrangements",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: ({ outing }) => {
      const waited = (outing.deliverables ?? []).filter((d) => !d.done).length;
      return waited > 0
        ? `${countWords(waited, "delivery", "deliveries")} waited for`
        : "rules, pass, contacts, deliveries";
    },
    load: whenSeen(async () => (await import("./day/Arrangements")).Arrangements),
  },
  {
    id: "supplies",
    worked: [
      "suppliesOf.frames",
      "suppliesOf.cards",
      "suppliesOf.batteries",
      "coldShare",
      "suppliesOf.waterLitres",
    ],
    title: "Supplies of the day",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: () => "frames, cards, batteries, water",
    load: whenSeen(async () => (await import("./day/Supplies")).Supplies),
  },
  {
    id: "packing",
    title: "Packing list",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: ({ outing: { packing } }) =>
      packing ? `${countWords(packing.ticked.length, "thing")} ticked off` : "by what the day is",
    load: whenSeen(async () => (await import("./day/Packing")).Packing),
  },
  {
    id: "sketch",
    title: "The ground",
    phone: "none",
    wide: "half",
    when: always,
    answer: ({ outing }) => outing.place,
    load: withStage(Sketch),
  },
  {
    id: "cautions",
    title: "Cautions",
    phone: "open",
    wide: "open",
    when: always,
    answer: ({ outing }) => countWords(outing.cautions.length, "caution"),
    load: withStage(Cautions),
  },
  { id: "editor", title: "Editor", phone: "lead", wide: "lead", when: always, load: withStage(Editor) },
];
