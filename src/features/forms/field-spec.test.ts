import { z } from "zod";
import { bodySchema } from "@/data";
import { demoKit } from "../../../demo";
import { setDisplay } from "@/words";
import { fieldName, readTyped, toTyped, typedSchema, type FieldSpec } from "./field-spec";

const SPECS: readonly FieldSpec[] = [
  { kind: "text", key: "name", label: "Name" },
  { kind: "number", key: "format.widthMm", label: "Sensor width", unit: "mm", min: 1, max: 200 },
  { kind: "number", key: "isoFloor", label: "Floor", min: 1, max: 1e7 },
  { kind: "number", key: "isoCeiling", label: "Ceiling", min: 1, max: 1e7 },
  { kind: "shutter", key: "fastestShutter", label: "Fastest shutter" },
  { kind: "number", key: "weightG", label: "Weight", unit: "g", min: 1, max: 50000, optional: true },
];
const body = demoKit.bodies[0]!;
const typed = toTyped(SPECS, body);
const read = (edit: Record<string, string>) => readTyped(SPECS, { ...typed, ...edit }, body, bodySchema);

afterEach(() => setDisplay({ units: "m", clock: "24" }));

test("a record goes into its fields and comes back the same", () => {
  expect(typed).toMatchObject({
    name: "Full-frame 24 MP body",
    [fieldName("format.widthMm")]: "36",
    fastestShutter: "1/8000",
  });
  expect(read({})).toEqual({ ok: true, value: body });
});

test("what has no field keeps its value, and an empty optional field takes it away", () => {
  const found = read({ name: "Mine", weightG: "" });
  expect(found.ok && found.value).toMatchObject({ name: "Mine", liftClicks: body.liftClicks });
  expect(found.ok && "weightG" in found.value && found.value.weightG).toBe(undefined);
  expect(body.weightG).toBe(700);
});

test.each([
  ["1/4000", 1 / 4000],
  [" 1 / 250 s", 1 / 250],
  ["0,5", 0.5],
  ["1", 1],
])("the shutter %s is read", (text, seconds) => {
  const found = read({ fastestShutter: text });
  expect(found.ok && found.value.fastestShutter).toBeCloseTo(seconds, 12);
});

test.each([
  ["fastestShutter", "fast", "Type a shutter such as 1/8000."],
  ["fastestShutter", "1/0", "Type a shutter such as 1/8000."],
  ["isoCeiling", "", "Type a number from 1 to 10000000."],
  ["isoCeiling", "50", "Each ISO is at least the one before: base, floor, ceiling, highest."],
  ["name", "   ", "A name is needed."],
  ["format.widthMm", "500", "Type a number from 1 to 200."],
])("a wrong %s is said beside it and nothing is read", (key, text, message) => {
  const found = read({ [fieldName(key)]: text });
  expect(found.ok).toBe(false);
  if (!found.ok) expect(found.errors[key]).toBe(message);
});

test("as a schema it gives the record, or the same faults at the names of the fields", () => {
  const schema = typedSchema(SPECS, body, bodySchema);
  expect(schema.parse(typed)).toMatchObject({ name: body.name, isoCeiling: body.isoCeiling });
  const wrong = schema.safeParse({ ...typed, [fieldName("format.widthMm")]: "x" });
  expect(wrong.error!.issues).toEqual([
    expect.objectContaining({
      path: [fieldName("format.widthMm")],
      message: "Type a number from 1 to 200.",
    }),
  ]);
});

test("lengths are written in the user's unit and kept in metres; shares in percent", () => {
  const specs: readonly FieldSpec[] = [
    { kind: "length", key: "height", label: "Height", min: 0.1, max: 10 },
    { kind: "percent", key: "fill", label: "Fill", min: 0.02, max: 1 },
    {
      kind: "choice",
      key: "priority",
      label: "Priority",
      numeric: true,
      choices: [{ key: "1", label: "one" }],
    },
    { kind: "switch", key: "round", label: "Round" },
  ];
  const schema = z.object({ height: z.number(), fill: z.number(), priority: z.number(), round: z.boolean() });
  const record = { height: 3.048, fill: 0.45, priority: 1, round: false };
  setDisplay({ units: "ft", clock: "24" });
  const written = toTyped(specs, record);
  expect(written).toEqual({ height: "10", fill: "45", priority: "1", round: "false" });
  const found = readTyped(specs, { ...written, height: "20", round: "true" }, record, schema);
  expect(found.ok && found.value).toEqual({
    height: expect.closeTo(6.096, 9),
    fill: 0.45,
    priority: 1,
    round: true,
  });
  const far = readTyped(specs, { ...written, height: "40" }, record, schema);
  expect(!far.ok && far.errors.height).toBe("Type a number from 0.328 to 32.808.");
});
