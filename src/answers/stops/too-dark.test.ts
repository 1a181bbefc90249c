import { demoKit } from "../../../demo";
import { TOO_DARK_EXAMPLE, tooDark, tooDarkFrom } from "./too-dark";

test("the example of practice: three stops dark at 1/800 f/2.8 ISO 2000 is one short at 1/500 ISO 5000 (common practice)", () => {
  const found = tooDark(TOO_DARK_EXAMPLE);
  expect(found.settings).toEqual({ shutter: 27, aperture: 9, iso: 17 });
  expect(found.left).toBe(3);
  expect(found.blurred).toBe(0);
  expect(found.elsewhere).toBeDefined();
  expect(found.forward).toContain("at-rest");
});

test("settings that smear were called right: a blurred frame asks a faster shutter before any light", () => {
  const slow = tooDark({ ...TOO_DARK_EXAMPLE, exposure: 1 / 60, iso: 6400, ceiling: 6400, clicks: 3 });
  expect(slow.blurred).toBe(9);
  expect(slow.settings.shutter).toBe(27);
  expect(slow.left).toBe(12);
  const fine = tooDark({ ...TOO_DARK_EXAMPLE, clicks: 3 });
  expect([fine.blurred, fine.left, fine.forward]).toEqual([0, 0, []]);
});

test("under a roof no sun is offered, and there is a way on that needs none", () => {
  const hall = tooDark({ ...TOO_DARK_EXAMPLE, where: "indoors" });
  expect(hall.elsewhere).toBeUndefined();
  expect(hall.forward).toEqual([
    "brighter-end",
    "turns-and-walls",
    "rest",
    "wider-picture",
    "lent-lens",
    "flash-asked",
  ]);
});

test("a form begins with the kit that is owned and with nothing of the frame", () => {
  const begun = tooDarkFrom(demoKit);
  expect(begun.exposure).toBeUndefined();
  expect(begun.widest).toBe(Math.min(...demoKit.lenses.map((l) => l.widest)));
  expect(begun.ceiling).toBe(6400);
  expect(tooDarkFrom(undefined).widest).toBeUndefined();
});
