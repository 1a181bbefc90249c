import { type Panel, always, whenSeen } from "../../screen/panel";

export const cameOutPanel: Panel = {
  id: "came-out",
  title: "What came out",
  phone: "open",
  wide: "main",
  when: always,
  answer: () => "promised against kept, keepers by what you did, what to do next time",
  load: whenSeen(async () => (await import("./View")).WhatCameOut),
};
