import { countWords, settingsWords } from "@/words";
import { Why } from "../expose/Why";
import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { shotsOfOtherBodies, useBodies } from "./day/bodies";
import { FieldCard } from "./FieldCard";
import { ReadingKeys } from "./ReadingKeys";
import { RunPlan } from "./RunPlan";
import { withProgramme } from "./with-programme";
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
    load: withStage(RunPlan),
  },
  {
    id: "next",
    title: "Next",
    phone: "lead",
    wide: "lead",
    lying: "main",
    when: withProgramme,
    load: whenSeen(async () => (await import("./day/NextUp")).NextUp),
  },
  {
    id: "card",
    title: "Field card",
    phone: "lead",
    wide: "lead",
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
    id: "could-be",
    title: "What it could be",
    phone: "lead",
    wide: "lead",
    when: (view) => withPicture(view) && view.outing.forecast !== undefined && !view.outing.light.roof,
    load: whenSeen(async () => (await import("./day/CouldBe")).CouldBe),
  },
  {
    id: "mind",
    title: "Mind now",
    phone: "lead",
    wide: "lead",
    when: always,
    load: whenSeen(async () => (await import("./day/Mind")).Mind),
  },
  {
    id: "owed",
    title: "Still owed",
    phone: "open",
    wide: "open",
    when: always,
    answer: ({ outing: { shots } }) =>
      `${countWords(
        shots.reduce((n, s) => n + Math.max(0, s.wanted - (s.got ?? 0)), 0),
        "picture",
      )} of ${shots.reduce((n, s) => n + s.wanted, 0)}`,
    load: whenSeen(async () => (await import("./day/StillOwed")).StillOwed),
  },
  {
    id: "zones",
    title: "Clicks elsewhere",
    phone: "lead",
    wide: "lead",
    when: (view) => withPicture(view) && view.outing.ground.zones.length > 1,
    load: whenSeen(async () => (await import("./day/Zones")).Zones),
  },
  {
    id: "tags",
    title: "Who was that?",
    phone: "none",
    wide: "folded",
    when: always,
    answer: ({ outing: { people = [] } }) =>
      people.length > 0 ? "one press on a name, a lane, a word" : "by lane, colour, word, or spoken",
    load: whenSeen(async () => (await import("./tags/TagPad")).TagPad),
  },
  {
    id: "coverage",
    worked: ["coverage", "worthFrom", "wayOnFoot"],
    title: "The programme, in order",
    phone: "folded",
    wide: "open",
    when: withProgramme,
    answer: ({ outing: { programme = [] } }) => countWords(programme.length, "event"),
    load: whenSeen(async () => (await import("./coverage/Coverage")).Coverage),
  },
  {
    id: "second-body",
    title: "The second body",
    phone: "folded",
    wide: "folded",
    when: ({ bag }) => bag.bodies.length > 1,
    answer: (view) => {
      const shots = shotsOfOtherBodies(view);
      const ready = shots.find((s) => s.id === useBodies.getState().second[view.outing.id]);
      return ready ? `ready for ${ready.name}` : "one card";
    },
    load: whenSeen(async () => (await import("./day/SecondBody")).SecondBody),
  },
  {
    id: "this-phone",
    title: "This phone",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: () => "screen, vibration, tone, lock",
    load: whenSeen(async () => (await import("./day/ThisPhone")).ThisPhone),
  },
  {
    id: "connected",
    title: "Frames and calls coming in",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: () => "a camera on a cable, a meet",
    load: whenSeen(async () => (await import("./connected/Connected")).Connected),
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
