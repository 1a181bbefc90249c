import { mainsOf } from ".";

test("mains by time zone: 60 Hz in most of the Americas, 50 elsewhere, both in Japan (IEC, from memory)", () => {
  expect(["America/New_York", "America/Sao_Paulo", "Asia/Seoul", "Asia/Taipei"].map(mainsOf)).toEqual([
    60, 60, 60, 60,
  ]);
  expect(
    [
      "Europe/London",
      "Europe/Berlin",
      "Australia/Sydney",
      "America/Argentina/Cordoba",
      "America/Santiago",
    ].map(mainsOf),
  ).toEqual([50, 50, 50, 50, 50]);
  expect(mainsOf("Asia/Tokyo")).toBe("both");
});

test("every zone that a machine knows has an answer", () => {
  const zones = Intl.supportedValuesOf("timeZone");
  expect(zones.length).toBeGreaterThan(300);
  for (const zone of zones) expect([50, 60, "both"]).toContain(mainsOf(zone));
});
