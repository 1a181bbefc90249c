import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, windowOf } from "../../src/data";
import { jsonText, outingInFile } from "../../src/data/files";
import { createAssessments } from "../../src/outing/assessments";
import { ANSWERS } from "../../src/answers/panels";
import { askFile } from "./ask";
import { assessFile } from "./assess";
import { calc } from "./calc";

const root = path.resolve(__dirname, "../..");
const FILE = path.join(root, "demo/hockey-semi-final.outing.json");

/** Commands shown in the README with what they print: "$ npm run -s NAME -- …" and the lines below. */
function examples(): { name: string; args: string[]; printed: string }[] {
  const readme = readFileSync(path.join(root, "README.md"), "utf8");
  return [...readme.matchAll(/```\n\$ npm run -s (calc|assess|ask) -- (.*)\n([\s\S]*?)\n```/g)].map(
    ([, name, line, printed]) => ({
      name: name!,
      args: [...line!.matchAll(/'([^']*)'|(\S+)/g)].map((m) => m[1] ?? m[2]!),
      printed: printed!,
    }),
  );
}

const DOORS = { calc, assess: assessFile, ask: askFile };

test("ask answers for every panel, and refuses what it does not know in one line", () => {
  for (const panel of Object.keys(ANSWERS)) {
    const { code, out } = askFile([FILE, "--panel", panel, "--at", "17:00"]);
    expect([panel, code]).toEqual([panel, 0]);
    expect(out.split("\n").length).toBeGreaterThan(1);
    expect(() => JSON.parse(askFile([FILE, "--panel", panel, "--json"]).out)).not.toThrow();
  }
  for (const wrong of [
    [FILE, "--panel", "none"],
    [FILE, "--shot", "none"],
    [FILE, "--position", "z"],
    ["no-file"],
    [FILE, "--every", "5"],
  ])
    expect(askFile(wrong)).toMatchObject({ code: 2, out: expect.not.stringContaining("\n") });
});

test("an input under its former name is still read", () => {
  const input = { focalLengthMm: 50, fNumber: 8, circleOfConfusionMm: 0.03 };
  const asked = (record: object) => calc(["optics.depthOfField", JSON.stringify(record)]);
  expect(asked({ ...input, subject: 5 })).toEqual(asked({ ...input, subjectDistance: 5 }));
  expect(asked({ ...input, subject: 5 }).code).toBe(0);
});

test("the examples of the README print what stands there", () => {
  const shown = examples();
  expect(shown.map((e) => e.name)).toEqual(["calc", "assess", "ask"]);
  for (const { name, args, printed } of shown) {
    const inPlace = args.map((a) => (a.startsWith("demo/") ? path.join(root, a) : a));
    expect(DOORS[name as keyof typeof DOORS](inPlace)).toEqual({ code: 0, out: printed });
  }
});

test("the demo's file is the demo as the application would write it", () => {
  expect(readFileSync(FILE, "utf8")).toBe(
    jsonText(outingInFile({ outing: demoOutings[0]!, kit: demoKit, preferences: DEFAULT_PREFERENCES })),
  );
});

test("the list names every public function with a doc", () => {
  const lines = calc(["--list"]).out.split("\n");
  expect(lines.length).toBeGreaterThan(90);
  expect(lines.filter((line) => !/^\w+\.\w+ {2,}\S.*$/.test(line))).toEqual([]);
});

test("functions take an object or, as an array, plain arguments", () => {
  expect(calc(["light.evFromLux", "[2.5]"])).toEqual({ code: 0, out: "0" });
  const settings = '{"shutter":30,"aperture":9,"iso":6}';
  expect(calc(["exposure.evOfClicks", settings])).toEqual({ code: 0, out: "11" });
  expect(calc(["motion.project", "[]"]).code).toBe(2);
});

test.each([
  [[], /--list/],
  [["optics.nothing", "{}"], /no function optics.nothing/],
  [["optics.depthOfField"], /JSON is missing/],
  [["optics.depthOfField", "{"], /not JSON/],
  [["optics.depthOfField", "7"], /object of named fields/],
  [["optics.depthOfField", '{"focalLengthMm":50}'], /missing: .*fNumber/],
  [["optics.magnification", "[400, 0.3]"], /move back/],
])("calc %j is refused in one line", (args, line) => {
  const { code, out } = calc(args);
  expect(code).toBe(2);
  expect(out).toMatch(line);
  expect(out.split("\n")).toHaveLength(1);
});

test.each([
  [[], /name an outing's file/],
  [["nowhere.json"], /cannot be read/],
  [["package.json"], /not an outing file/],
  [[FILE, "--shot", "gone"], /no shot gone; there are drag-flick/],
  [[FILE, "--position", "z"], /no position z; there are a, b, c/],
  [[FILE, "--at", "noon"], /no instant/],
  [[FILE, "--every", "0"], /no number of minutes/],
  [[FILE, "--every"], /wants a value/],
  [[FILE, "--at", "17:00", "--every", "5"], /not both/],
  [[FILE, "--loud"], /no option --loud/],
])("assess %j is refused in one line", (args, line) => {
  const { code, out } = assessFile(args.map((a) => (a === "package.json" ? path.join(root, a) : a)));
  expect(code).toBe(2);
  expect(out).toMatch(line);
  expect(out.split("\n")).toHaveLength(1);
});

test("as JSON the whole assessment comes out, from any position and at any instant", () => {
  const { out } = assessFile([
    FILE,
    "--shot",
    "drag-flick",
    "--position",
    "a",
    "--at",
    "2026-10-17T16:27:00+01:00",
    "--json",
  ]);
  const [found] = JSON.parse(out);
  expect(found).toMatchObject({
    ok: true,
    version: 2,
    ids: { shot: "drag-flick", position: "a" },
    at: Date.UTC(2026, 9, 17, 15, 27),
  });
  expect(found.reasons.distance[0].code).toBe("distance-in-space");
});

test("what a slow reader had not taken when the command ended was cut off at 64 KiB", async () => {
  const child = spawn(
    process.execPath,
    [path.join(root, "node_modules/tsx/dist/cli.mjs"), "scripts/assess.ts", FILE, "--every", "30", "--json"],
    { cwd: root, stdio: ["ignore", "pipe", "inherit"] },
  );
  const chunks: Buffer[] = [];
  for await (const chunk of child.stdout) {
    chunks.push(chunk as Buffer);
    await new Promise((go) => setTimeout(go, 20));
  }
  const text = Buffer.concat(chunks).toString("utf8");
  expect(text.length).toBeGreaterThan(4 * 65536);
  expect(JSON.parse(text)).toEqual(JSON.parse(assessFile([FILE, "--every", "30", "--json"]).out));
}, 30_000);

test("application and command line answer alike, for every demo outing, school, locked rail and bag", () => {
  const folder = mkdtempSync(path.join(tmpdir(), "perch-"));
  const file = path.join(folder, "outing.json");
  let compared = 0;
  for (const plain of demoOutings)
    for (const school of ["full", "lift"] as const)
      for (const held of [{}, { aperture: 15 }, { shutter: 27 }])
        for (const lens of [undefined, demoKit.lenses[1]!.id]) {
          const bag = lens ? { bodies: [], lenses: [lens], converters: [], supports: [], cards: [] } : null;
          const outing = { ...plain, bag, choices: plain.choices.map((c) => ({ ...c, held })) };
          const preferences = { ...DEFAULT_PREFERENCES, school };
          writeFileSync(file, jsonText(outingInFile({ outing, kit: demoKit, preferences })));
          const { starts } = windowOf(outing);
          const answers = createAssessments();
          const ours = outing.shots.flatMap((shot) => {
            const { positionId } = outing.choices.find((c) => c.shotId === shot.id)!;
            const asked = outing.ground.positions.filter((p) => positionId === null || p.id === positionId);
            return asked.map((p) =>
              answers.assessment({ outing, kit: demoKit, preferences }, shot.id, p.id, starts),
            );
          });
          const { code, out } = assessFile([file, "--at", new Date(starts).toISOString(), "--json"]);
          expect(code).toBe(0);
          const theirs: readonly object[] = JSON.parse(out);
          // The command says why beside what it found.
          expect(theirs.map((found) => ({ ...found, reasons: undefined }))).toEqual(
            JSON.parse(JSON.stringify(ours)),
          );
          compared += ours.length;
        }
  expect(compared).toBeGreaterThan(200);
});
