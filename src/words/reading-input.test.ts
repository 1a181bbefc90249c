import { readCoordinates, readLength, setDisplay } from ".";

afterEach(() => setDisplay({ units: "m", clock: "24" }));

test.each([
  ["40 yd", 36.576],
  ["6 in", 0.1524],
  ["12 ft", 3.6576],
  ["1,5 m", 1.5],
  ["30cm", 0.3],
  ["5 mm", 0.005],
  ["0.4 km", 400],
  ["6' 2\"", 1.8796],
  ["6 ft 2 in", 1.8796],
  ["6′", 1.8288],
  ["20 yards", 18.288],
  ["-2 m", -2],
  ["3", 3],
])("a length is read in the unit in which it is written: %s", (text, metres) => {
  expect(readLength(text)).toBeCloseTo(metres, 9);
});

test("a bare number is in the unit that its user reads; what is no length is none", () => {
  setDisplay({ units: "ft", clock: "24" });
  expect(readLength("10")).toBeCloseTo(3.048, 9);
  expect(readLength("10 m")).toBe(10);
  for (const bad of ["", "far", "3 kg", "ft", "1.2.3 m", "m 3", "6'' 2'"])
    expect(readLength(bad)).toBeUndefined();
});

test.each([
  ["51.5, -0.12", 51.5, -0.12],
  ["51.5 -0.12", 51.5, -0.12],
  ["51.5° N 0.12° W", 51.5, -0.12],
  ["51°30′26″N 0°7′39″W", 51.507222, -0.1275],
  ["51°30'26\"N, 0°7'39\"W", 51.507222, -0.1275],
  ["N 51° 30.5' W 0° 7.6'", 51.508333, -0.126667],
  ["0.12W 51.5N", 51.5, -0.12],
  ["geo:-33.8568,151.2153", -33.8568, 151.2153],
  ["geo:51.5,-0.12;u=35?z=12", 51.5, -0.12],
  ["−33.9 18.4", -33.9, 18.4],
  ["33°54'S 18°24'E", -33.9, 18.4],
])("coordinates are read as they are copied from elsewhere: %s", (text, latitude, longitude) => {
  const found = readCoordinates(text);
  expect(found?.latitude).toBeCloseTo(latitude, 5);
  expect(found?.longitude).toBeCloseTo(longitude, 5);
});

test.each([
  "",
  "51.5",
  "40,7",
  "-0,12",
  "here",
  "91, 0",
  "51, 181",
  "51.5 N 0.1 N",
  "51°75'N 0°W",
  "1 2 3",
  "51.5, -0.12 km",
])("what is no pair on the earth is none: %s", (text) => {
  expect(readCoordinates(text)).toBeUndefined();
});
