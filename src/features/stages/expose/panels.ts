import { settingsWords } from "@/words";
import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { KitForShot, mountedWords } from "../shot/KitForShot";
import { Blur, blurAnswer } from "./Blur";
import {
  chanceAnswer,
  instantAnswer,
  isPanned,
  noiseAnswer,
  panAnswer,
  setUpAnswer,
  underLamps,
} from "./answers";
import { ExposeHead } from "./ExposeHead";
import { Ledger, ledgerAnswer } from "./Ledger";
import { LightOnSubject, lightAnswer } from "./LightOnSubject";
import { Rails } from "./Rails";
import { WatchOut, Why } from "./Why";
import { isShort, WaysOut } from "./WaysOut";

/** Expose: which settings follow from the light and the movement, and what stands behind each of them. */
export const EXPOSE: readonly Panel[] = [
  {
    id: "expose-shot",
    title: "The shot",
    phone: "lead",
    wide: "main",
    when: always,
    load: withStage(ExposeHead),
  },
  { id: "rails", title: "Settings", phone: "lead", wide: "main", when: withPicture, load: withStage(Rails) },
  { id: "ways", title: "Ways out", phone: "lead", wide: "lead", when: isShort, load: withStage(WaysOut) },
  {
    id: "watch-out",
    title: "Watch out",
    phone: "lead",
    wide: "lead",
    when: ({ found }) => found !== undefined && found.judgement.length > 0,
    load: withStage(WatchOut),
  },
  {
    id: "blur",
    title: "Blur in the picture",
    phone: "open",
    wide: "open",
    when: withPicture,
    answer: blurAnswer,
    load: withStage(Blur),
  },
  {
    id: "pan",
    title: "Pan",
    phone: "folded",
    wide: "open",
    when: isPanned,
    answer: panAnswer,
    load: whenSeen(async () => (await import("./Pan")).Pan),
  },
  {
    id: "chance",
    title: "Chance of a keeper",
    phone: "folded",
    wide: "open",
    when: withPicture,
    answer: chanceAnswer,
    load: whenSeen(async () => (await import("./Chance")).Chance),
  },
  {
    id: "light",
    title: "Light on the subject",
    phone: "folded",
    wide: "open",
    when: withPicture,
    answer: lightAnswer,
    load: withStage(LightOnSubject),
  },
  {
    id: "instant",
    title: "The instant",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: instantAnswer,
    load: whenSeen(async () => (await import("./Instant")).Instant),
  },
  {
    id: "set-up",
    title: "Focus, drive and white balance",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: setUpAnswer,
    load: whenSeen(async () => (await import("./SetUp")).SetUp),
  },
  {
    id: "flicker",
    title: "Lamps that flicker",
    phone: "folded",
    wide: "folded",
    when: underLamps,
    load: whenSeen(async () => (await import("./Flicker")).Flicker),
  },
  {
    id: "outing-card",
    title: "The card: three sets for the camera",
    phone: "folded",
    wide: "folded",
    when: always,
    load: whenSeen(async () => (await import("./card/Card")).Card),
  },
  {
    id: "place-light",
    title: "Light of the place",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    load: whenSeen(async () => (await import("./PlaceLight")).PlaceLight),
  },
  {
    id: "one-click",
    title: "One click, noise, the same exposure",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: noiseAnswer,
    load: whenSeen(async () => (await import("./OneClick")).OneClick),
  },
  {
    id: "starting",
    title: "Where practice starts",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    load: whenSeen(async () => (await import("./Starting")).Starting),
  },
  {
    id: "ledger",
    title: "Stop ledger",
    phone: "folded",
    wide: "open",
    when: withPicture,
    answer: ledgerAnswer,
    load: withStage(Ledger),
  },
  {
    id: "why",
    title: "Why these settings",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: ({ found }) => (found ? settingsWords(found.settings.settings) : ""),
    load: withStage(Why),
  },
  {
    id: "kit",
    title: "Kit for this shot",
    phone: "folded",
    wide: "half",
    when: always,
    answer: mountedWords,
    load: withStage(KitForShot),
  },
];
