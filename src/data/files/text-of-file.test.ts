/** @jest-environment node */
import fc from "fast-check";
import { textOfBytes } from "./text-of-file";

const TEXT = "10:40 Kugelstoßen Mädchen @ Grube\n11:05 Jean-Noël Lefèvre, 800 m";

test("a list in any encoding that a spreadsheet writes is read as it was typed", () => {
  const latin = Uint8Array.from([...TEXT].map((sign) => sign.charCodeAt(0)));
  const wide = Buffer.from(TEXT, "utf16le");
  const marked = Buffer.concat([Buffer.from([0xff, 0xfe]), wide]);
  const swapped = Buffer.from(marked).swap16();
  const utf8 = Buffer.from(TEXT);
  for (const bytes of [
    latin,
    wide,
    marked,
    swapped,
    utf8,
    Buffer.concat([Buffer.from([0xef, 0xbb, 0xbf]), utf8]),
  ])
    expect(textOfBytes(bytes)).toBe(TEXT);
  expect(textOfBytes(new Uint8Array())).toBe("");
});

test("whatever is written as UTF-8 comes back, and no bytes make it throw", () => {
  fc.assert(
    fc.property(fc.string({ unit: "grapheme" }), (text) => {
      fc.pre(!text.includes("\0") && !text.startsWith("\ufeff"));
      expect(textOfBytes(new TextEncoder().encode(text))).toBe(text);
    }),
  );
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), (bytes) => typeof textOfBytes(bytes) === "string"),
  );
});
