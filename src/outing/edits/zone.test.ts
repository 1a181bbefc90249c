import { isInside, zoneIdOf } from "@/core/ground";
import { outingSchema } from "@/data";
import { demoOutings } from "../../../demo";
import { drawnZoneAt, shiftLightAt } from ".";

const outing = demoOutings[0]!;
const spot = outing.ground.spots[0]!;

test("light that differs makes a zone about the spot, which then holds it and is valid", () => {
  const next = shiftLightAt(spot.id, -3)(outing);
  const zone = drawnZoneAt(next, spot.id)!;
  expect(zone.offsetClicks).toBe(-3);
  expect(zone.holdsFor).toBe("all");
  expect(isInside(spot.at, zone.outline!)).toBe(true);
  expect(zoneIdOf(next.ground, spot)).toBe(zone.id);
  expect(outingSchema.safeParse(next).success).toBe(true);
});

test("told again it moves the zone that is there, never past what a zone may differ by", () => {
  const once = shiftLightAt(spot.id, -3)(outing);
  const twice = shiftLightAt(spot.id, 2)(once);
  expect(twice.ground.zones).toHaveLength(once.ground.zones.length);
  expect(drawnZoneAt(twice, spot.id)!.offsetClicks).toBe(-1);
  const far = [6, 6, 6].reduce((o, clicks) => shiftLightAt(spot.id, clicks)(o), twice);
  expect(drawnZoneAt(far, spot.id)!.offsetClicks).toBe(12);
  expect(outingSchema.safeParse(far).success).toBe(true);
});

test("a spot that is not there changes nothing", () => {
  expect(shiftLightAt("nowhere", -1)(outing)).toBe(outing);
});
