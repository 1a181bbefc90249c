import type { Automatic } from "@/core/judge";
import { automaticReachSentence, automaticSentence, compensationWords, turnedWords } from ".";

const auto: Automatic = {
  iso: 12,
  off: 0,
  pictureOff: -7,
  advised: 7,
  floorEv: 14,
  ceilingEv: 7,
  isoFloor: 0,
  isoCeiling: 21,
};

test("what an automatic does is said with what it makes of the picture", () => {
  expect(automaticSentence(auto)).toBe("The body will choose about ISO 1600: 2 1/3 stops too dark.");
  expect(automaticSentence({ ...auto, pictureOff: 0 })).toMatch(/: right\.$/);
  expect(automaticSentence({ ...auto, pictureOff: 3 })).toMatch(/1 stop too bright/);
  expect(automaticReachSentence(auto)).toMatch(/EV.7.*EV.14/);
  expect(compensationWords(7)).toBe("compensation +2 1/3");
  expect(compensationWords(0)).toBe("no compensation");
});

test("from 1/1600 f/4 ISO 5000 a third brighter by the shutter is one click slower (common practice)", () => {
  const stood = { shutter: 32, aperture: 12, iso: 17 };
  expect(turnedWords(stood, { ...stood, shutter: 31 })).toBe("shutter 1 click slower");
  expect(turnedWords(stood, { shutter: 34, aperture: 9, iso: 18 })).toBe(
    "shutter 2 clicks faster, aperture 3 clicks opened, ISO 1 click up",
  );
  expect(turnedWords(stood, stood)).toBe("");
});
