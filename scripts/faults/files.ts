// Files of ours, broken in so many seeded ways: whatever is in them, reading neither throws nor hands over what the schemas
// refuse, and a repair gives back what can be read or nothing. Run with the number of files.
import { demoKit, demoOutings } from "../../demo";
import {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  EMPTY_PLACES,
  EMPTY_PRACTICE,
  kitSchema,
  outingSchema,
  repair,
} from "../../src/data";
import { jsonText, readFile, everythingInFile, outingInFile } from "../../src/data/files";
import { seeded } from "./seeded";

const many = Number(process.argv[2] ?? 10_000);
const { below, oneOf, random } = seeded(20261017);

const preferences = DEFAULT_PREFERENCES;
const whole = [
  ...demoOutings.map((outing) => jsonText(outingInFile({ outing, kit: demoKit, preferences }))),
  jsonText(
    everythingInFile({
      outings: demoOutings,
      kit: demoKit,
      library: EMPTY_LIBRARY,
      places: EMPTY_PLACES,
      practice: EMPTY_PRACTICE,
      preferences,
    }),
  ),
  JSON.stringify(demoOutings[2]),
  JSON.stringify(demoKit),
];
const ODD = [
  null,
  -1,
  0,
  1e308,
  -1e-308,
  "",
  "x".repeat(5000),
  "0026-10-17",
  "9999-12-31",
  "25:61",
  "__proto__",
  "<script>",
  [],
  {},
  [[]],
  true,
  "\u0000",
];

type Holder = Record<string, unknown>;

/** Puts something odd somewhere into a parsed file, takes something out, or doubles it. */
function breakJson(text: string): string {
  const file = JSON.parse(text) as unknown;
  let at = file as Holder;
  for (let depth = below(8); depth > 0; depth--) {
    const inner = Object.values(at).filter((v) => typeof v === "object" && v !== null);
    if (inner.length === 0) break;
    at = oneOf(inner) as Holder;
  }
  const keys = Object.keys(at);
  if (keys.length === 0) return JSON.stringify(file);
  const key = oneOf(keys);
  const way = random();
  if (Array.isArray(at) && way < 0.3) at.push(...at.slice(0, 1 + below(70)));
  else if (way < 0.45) delete at[key];
  else at[key] = oneOf(ODD);
  return JSON.stringify(file);
}

/** Cuts, doubles or swaps bytes of the text itself. */
function breakText(text: string): string {
  const from = below(text.length);
  const to = Math.min(text.length, from + 1 + below(200));
  const way = random();
  if (way < 0.4) return text.slice(0, from);
  if (way < 0.7) return text.slice(0, from) + text.slice(to);
  return text.slice(0, to) + text.slice(from);
}

function isJson(text: string): boolean {
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}

async function main(): Promise<void> {
  let [read, refused, mended, wrong] = [0, 0, 0, 0];
  const tell = (what: string, text: string): void => {
    wrong++;
    console.log(`${what}: ${text.slice(0, 200)}`);
  };
  for (let i = 0; i < many; i++) {
    let text = oneOf(whole);
    for (let times = 1 + below(3); times > 0; times--)
      text = random() < 0.8 && text.startsWith("{") && isJson(text) ? breakJson(text) : breakText(text);
    try {
      const found = await readFile(new Blob([text]));
      if (found.ok) read++;
      else refused++;
      if (found.ok && found.value.outings.some((o) => !outingSchema.safeParse(o.outing).success))
        tell("an outing that its schema refuses was read", text);
      if (found.ok && found.value.kit && !kitSchema.safeParse(found.value.kit).success)
        tell("a kit that its schema refuses was read", text);
      if (!found.ok && found.reason !== "stopped" && found.faults.some((f) => f.message.length < 5))
        tell("a refusal without words", text);
      const repaired = repair("outing", text);
      if (repaired) mended++;
      if (repaired && !outingSchema.safeParse(repaired.value).success)
        tell("a repair that cannot be read", text);
    } catch (error) {
      tell(`thrown: ${String(error)}`, text);
    }
  }
  console.log(
    `${many} broken files: ${read} still whole, ${refused} refused, ${mended} mended, ${wrong} wrong`,
  );
  process.exit(wrong === 0 && refused > 0 ? 0 : 1);
}

void main();
