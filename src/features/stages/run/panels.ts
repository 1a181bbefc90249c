import { GroundPlan } from "../ground/GroundPlan";
import { countWords, settingsWords } from "@/words";
import { Why } from "../expose/Why";
import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { FieldCard } from "./FieldCard";
import { ReadingKeys } from "./ReadingKeys";
import { WhatChanges } from "./WhatChanges";

/** Run: the field card, what to set now and what changes next; beside it, where there is room, the plan. */
export const RUN: readonly Panel[] = [
  {
    id: "run-plan",
    title: "The ground",
    phone: "none",
    wide: "fill",
    lying: "none",
    when: always,
    load: withStage(GroundPlan),
  },
  {
    id: "card",
    title: "Field card",
    phone: "top",
    wide: "top",
    lying: "main",
    when: always,
    load: withStage(FieldCard),
  },
  {
    id: "changes",
    title: "What changes next",
    phone: "lead",
    wide: "lead",
    when: withPicture,
    load: withStage(WhatChanges),
  },
  {
    id: "coverage",
    worked: true,
    title: "The programme, in order",
    phone: "folded",
    wide: "open",
    when: ({ outing }) => (outing.programme?.length ?? 0) > 0,
    answer: ({ outing: { programme = [] } }) => countWords(programme.length, "event"),
    load: whenSeen(async () => (await import("./coverage/Coverage")).Coverage),
  },
  {
    id: "card-why",
    title: "Why these settings",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: ({ found }) => (found ? settingsWords(found.settings.settings) : ""),
    load: withStage(Why),
  },
  {
    id: "reading",
    title: "Test shot",
    phone: "foot",
    wide: "foot",
    when: withPicture,
    load: withStage(ReadingKeys),
  },
];
