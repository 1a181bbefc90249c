import piexif from "piexifjs";
import { jpegLongSide, jpegWithin } from "./jpeg-within";
import { readHeader, subSecondMs } from "./read-header";

/** A JPEG's bones: its beginning, a frame header with a size, a scan of nothing. */
const bones = (width: number, height: number): string =>
  `\xff\xd8\xff\xc0\x00\x0b\x08${String.fromCharCode(height >> 8, height & 255, width >> 8, width & 255)}\x01\x01\x11\x00` +
  "\xff\xda\x00\x08\x01\x01\x00\x00\x3f\x00\x00\xff\xd9";

const fileOf = (binary: string): Blob =>
  new Blob([Uint8Array.from(binary, (sign) => sign.charCodeAt(0))], { type: "image/jpeg" });

const { ImageIFD, ExifIFD, GPSIFD } = piexif;
type Written = Record<number, unknown>;
const ZEROTH: Written = { [ImageIFD.Model]: "Full-frame 24", [ImageIFD.Orientation]: 6 };
const EXIF: Written = {
  [ExifIFD.DateTimeOriginal]: "2026:10:17 17:20:31",
  [ExifIFD.SubSecTimeOriginal]: "27",
  [ExifIFD.ExposureTime]: [1, 1250],
  [ExifIFD.FNumber]: [28, 10],
  [ExifIFD.ISOSpeedRatings]: 3200,
  [ExifIFD.FocalLength]: [300, 1],
  [ExifIFD.LensModel]: "300 mm f/2.8",
};
const GPS: Written = {
  [GPSIFD.GPSLatitudeRef]: "N",
  [GPSIFD.GPSLatitude]: [
    [53, 1],
    [12, 1],
    [0, 1],
  ],
  [GPSIFD.GPSLongitudeRef]: "W",
  [GPSIFD.GPSLongitude]: [
    [1, 1],
    [26, 1],
    [0, 1],
  ],
};
// The zone of a time came after this library.
const OFFSET_TIME = 0x9011;
Object.assign((piexif as unknown as { TAGS: { Exif: object } }).TAGS.Exif, {
  [OFFSET_TIME]: { name: "OffsetTimeOriginal", type: "Ascii" },
});
const jpeg = (exif: Written = EXIF, zeroth: Written = ZEROTH, gps: Written = {}): Blob =>
  fileOf(piexif.insert(piexif.dump({ "0th": zeroth, Exif: exif, GPS: gps }), bones(6000, 4000)));

/** The bytes of a file: what reads a file itself reads it in browsers alone. */
const read = async (file: Blob, name: string, asked = ASKED) =>
  readHeader(await file.arrayBuffer(), name, asked);
const ASKED = { timeZone: "Europe/London", keepsPlace: false };

test("a picture's header tells the press: its time with parts of a second, settings, lens, body", async () => {
  expect(await read(jpeg(), "B1.JPG")).toEqual({
    ok: true,
    header: {
      // British summer time, an hour east of Greenwich.
      taken: Date.UTC(2026, 9, 17, 16, 20, 31, 270),
      hasSubSeconds: true,
      body: "Full-frame 24",
      lens: "300 mm f/2.8",
      exposureTime: 1 / 1250,
      fNumber: 2.8,
      iso: 3200,
      focalLengthMm: 300,
      orientation: 6,
    },
  });
});

test("a zone that the camera wrote rules over the outing's; two bodies of one make are told apart by their number", async () => {
  const zoned = await read(jpeg({ ...EXIF, [OFFSET_TIME]: "+02:00" }), "B1.JPG");
  expect(zoned.ok && zoned.header.taken).toBe(Date.UTC(2026, 9, 17, 15, 20, 31, 270));
  const numbered = await read(jpeg({ ...EXIF, [ExifIFD.BodySerialNumber]: "100200300" }), "B1.jpeg", ASKED);
  expect(numbered.ok && numbered.header.body).toBe("Full-frame 24 · 200300");
});

test("where it was taken is not kept unless it is asked for", async () => {
  const placed = jpeg(EXIF, ZEROTH, GPS);
  const kept = await read(placed, "B1.JPG", { ...ASKED, keepsPlace: true });
  expect(kept.ok && kept.header.at?.latitude).toBeCloseTo(53.2, 4);
  expect(kept.ok && kept.header.at?.longitude).toBeCloseTo(-1.4333, 3);
  const left = await read(placed, "B1.JPG");
  expect(JSON.stringify(left)).not.toMatch(/latitude|53\.2/);
});

test("what cannot be read is told with why", async () => {
  const reason = async (file: Blob, name: string) => {
    const found = await read(file, name);
    return found.ok ? "read" : found.reason;
  };
  expect(await reason(jpeg(), "notes.txt")).toBe("no-picture");
  expect(await reason(new Blob(["not a picture at all"]), "B2.JPG")).toBe("damaged");
  expect(await reason(fileOf(bones(600, 400)), "B3.JPG")).toBe("no-time");
  const unset = { ...EXIF, [ExifIFD.DateTimeOriginal]: "0000:00:00 00:00:00" };
  expect(await reason(jpeg(unset), "B4.JPG")).toBe("no-time");
});

test("a rating that the camera wrote is read, and one that is none is left out", async () => {
  const rated = await read(jpeg(EXIF, { ...ZEROTH, [ImageIFD.Rating]: 4 }), "B1.JPG");
  expect(rated.ok && rated.header.rating).toBe(4);
  const odd = await read(jpeg(EXIF, { ...ZEROTH, [ImageIFD.Rating]: 77 }), "B1.JPG");
  expect(odd.ok && odd.header.rating).toBeUndefined();
});

test("parts of a second are digits behind a point", () => {
  expect(["5", "05", "270", "x", "", undefined].map(subSecondMs)).toEqual([
    500,
    50,
    270,
    undefined,
    undefined,
    undefined,
  ]);
});

/** A file that is TIFF within: two directories, the first with a small JPEG, the second below it with another. */
function tiff(isLittle: boolean, small: string, large: string): Blob {
  const at = { first: 8, sub: 100, small: 200, large: 200 + small.length };
  const bytes = new DataView(new ArrayBuffer(at.large + large.length));
  const put = (text: string, offset: number): void =>
    [...text].forEach((sign, i) => bytes.setUint8(offset + i, sign.charCodeAt(0)));
  const directory = (offset: number, rows: readonly (readonly [tag: number, value: number])[]): void => {
    bytes.setUint16(offset, rows.length, isLittle);
    rows.forEach(([tag, value], i) => {
      const row = offset + 2 + 12 * i;
      bytes.setUint16(row, tag, isLittle);
      bytes.setUint16(row + 2, 4, isLittle);
      bytes.setUint32(row + 4, 1, isLittle);
      bytes.setUint32(row + 8, value, isLittle);
    });
  };
  put(isLittle ? "II" : "MM", 0);
  bytes.setUint16(2, 42, isLittle);
  bytes.setUint32(4, at.first, isLittle);
  directory(at.first, [
    [0x0201, at.small],
    [0x0202, small.length],
    [0x014a, at.sub],
  ]);
  directory(at.sub, [
    [0x0103, 7],
    [0x0111, at.large],
    [0x0117, large.length],
  ]);
  put(small, at.small);
  put(large, at.large);
  return new Blob([bytes.buffer]);
}

test.each([true, false])(
  "the largest JPEG within a raw file is found, little end first: %s",
  async (isLittle) => {
    const found = await jpegWithin(tiff(isLittle, bones(160, 120), bones(6000, 4000)));
    expect(found?.type).toBe("image/jpeg");
    expect(await jpegLongSide(found!)).toBe(6000);
  },
);

test("a thumbnail is no picture to look at, nor is what is no raw file", async () => {
  expect(await jpegWithin(tiff(true, bones(160, 120), bones(640, 480)))).toBeUndefined();
  expect(await jpegWithin(jpeg())).toBeUndefined();
  expect(await jpegWithin(new Blob(["II"]))).toBeUndefined();
  expect(await jpegLongSide(new Blob(["no"]))).toBe(0);
});
