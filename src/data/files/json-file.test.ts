import fc from "fast-check";
import { jsonFile, jsonText, sameFile, valueOfFile } from "./json-file";

const bytes = (size: number, first = 0): Blob =>
  new Blob([Uint8Array.from({ length: size }, (_, i) => (first + i * 31) % 256)], { type: "image/png" });
/** What a file that was read gives for one that went in, by its letters. */
const read = async (file: Blob) => (await valueOfFile(file)) as Record<string, { base64: string | Blob }>;

test.each([0, 1, 2, 3, 100, 24_573, 24_576, 196_608, 700_001])(
  "%d bytes go into a file and come out of it",
  async (size) => {
    const told = { a: { file: bytes(size), note: 'a "quoted" \\ text' }, b: { file: bytes(5, 9) } };
    const found = await read(await jsonFile(told));
    expect(found).toMatchObject({ a: { note: told.a.note }, b: { base64: expect.any(String) } });
    const { base64 } = found.a!;
    // Short ones are left as they are; long ones come as files.
    expect(base64 instanceof Blob).toBe(size >= 24_576);
    const out =
      base64 instanceof Blob ? base64 : new Blob([Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))]);
    expect(await sameFile(out, told.a.file)).toBe(true);
  },
);

test("any other reader of JSON finds the letters in their place", async () => {
  const text = await (await jsonFile({ list: [{ file: new Blob(["hum"]) }] })).text();
  expect(JSON.parse(text)).toEqual({ list: [{ base64: btoa("hum") }] });
});

test("long texts that are no letters stay texts, wherever quotes and backslashes lie", async () => {
  const part = fc.constantFrom('"', "\\", '\\"', "x", "ä", "=", "A", "\n", "\u0000");
  await fc.assert(
    fc.asyncProperty(fc.array(part, { maxLength: 30 }), fc.nat(5), async (parts, n) => {
      const odd = parts.join("");
      const letters = "QUJD".repeat(9000);
      const told = { [odd]: [odd, `${odd}${letters}`.slice(n), n], long: `${"\\".repeat(1_048_570 + n)}"` };
      const found = (await valueOfFile(new Blob([jsonText(told)]))) as typeof told;
      const [first, second, third] = found[odd]!;
      expect([first, third, found.long]).toEqual([odd, n, told.long]);
      const text =
        (second as unknown) instanceof Blob ? btoa(await (second as unknown as Blob).text()) : second;
      expect(text).toBe(`${odd}${letters}`.slice(n));
    }),
    { numRuns: 60 },
  );
});

test("what is no JSON is nothing, with letters in it too", async () => {
  const whole = await (await jsonFile({ file: bytes(200_000) })).text();
  for (const cut of [0, 1, 20, 100_000, whole.length - 3])
    expect(await valueOfFile(new Blob([whole.slice(0, cut)]))).toBeUndefined();
});

test("letters of a file in another encoding are read as well", async () => {
  const text = await (await jsonFile({ a: { file: bytes(60_000) } })).text();
  const wide = new Uint8Array(Uint16Array.from(text, (sign) => sign.charCodeAt(0)).buffer);
  expect((await read(new Blob([wide]))).a!.base64).toBe(JSON.parse(text).a.base64);
});
