import { type Panel, whenSeen } from "../../screen/panel";

export const sunMoonAndShadePanel: Panel = {
  id: "sun-moon-and-shade",
  worked: ["shadowLength"],
  title: "Sun, moon and shade",
  phone: "folded",
  wide: "folded",
  when: ({ outing: { light } }) => !light.roof,
  answer: ({ spot, position }) =>
    `the day at ${spot.name}${position ? ` and at ${position.name}` : ""}, midnight to midnight`,
  load: whenSeen(async () => (await import("./View")).SunAndShade),
};
