import { placeFromText } from "./place-from-text";

test.each([
  ["53.2004, -1.4021", 53.2004, -1.4021],
  ["53.2004 -1.4021", 53.2004, -1.4021],
  ["geo:53.2004,-1.4021?z=15", 53.2004, -1.4021],
  ["https://maps.example/#map=15/53.2004/-1.4021", 53.2004, -1.4021],
  ["https://maps.example/?q=53.2004%2C-1.4021&z=3", 53.2004, -1.4021],
  ["53.2004° N, 1.4021° W", 53.2004, -1.4021],
  ["33.5 S 70.25 W", -33.5, -70.25],
  ["53°12′1.4″N 1°24′7.6″W", 53.20039, -1.40211],
  ["33°30\u2032S, 70°15\u2032W", -33.5, -70.25],
])("%s is read as a place", (text, latitude, longitude) => {
  const found = placeFromText(text)!;
  expect(found.latitude).toBeCloseTo(latitude, 4);
  expect(found.longitude).toBeCloseTo(longitude, 4);
});

test.each(["", "Mill Road", "12, 13", "95.5, 10.5", "10.5, 190.5", "14:30 until 16:00"])(
  "%j names no place, and nothing is guessed",
  (text) => expect(placeFromText(text)).toBeUndefined(),
);
