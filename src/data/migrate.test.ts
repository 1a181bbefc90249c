import { z } from "zod";
import { parseRecord, type RecordKind } from "./migrate";

interface Log {
  version: 3;
  stops: number;
}
const LOG: RecordKind<Log> = {
  schema: z.object({ version: z.literal(3), stops: z.number() }),
  version: 3,
  migrations: {
    1: ({ clicks, ...rest }) => ({ ...rest, thirds: clicks }),
    2: ({ thirds, ...rest }) => ({ ...rest, stops: (thirds as number) / 3 }),
  },
};

test("a record of the first version is raised step by step", () => {
  expect(parseRecord(LOG, { version: 1, clicks: 6 })).toEqual({ ok: true, value: { version: 3, stops: 2 } });
  expect(parseRecord(LOG, { version: 2, thirds: 3 })).toEqual({ ok: true, value: { version: 3, stops: 1 } });
});

test("a newer, an unknown older and a versionless record are refused with what to do", () => {
  expect(parseRecord(LOG, { version: 4, stops: 1 })).toMatchObject({ ok: false, reason: "newer-version" });
  expect(parseRecord(LOG, { version: 0 })).toMatchObject({ ok: false, reason: "no-way-up" });
  expect(parseRecord(LOG, { stops: 1 })).toMatchObject({ ok: false, reason: "not-a-record" });
  for (const raw of [null, undefined, 7, "text", []])
    expect(parseRecord(LOG, raw)).toMatchObject({ ok: false });
});

test("faults are told with their place", () => {
  expect(parseRecord(LOG, { version: 3, stops: "two" })).toMatchObject({
    ok: false,
    faults: [{ path: "stops" }],
  });
});
