import { asSubject, SUBJECTS, wingTipSpeed } from ".";
import { figureOf, hasFigure } from "./figures";

const byId = (id: string) => SUBJECTS.find((s) => s.id === id)!;
const part = (id: string, partId: string) => byId(id).parts.find((p) => p.id === partId)!;

test("there are at least 70 subjects, with ids of their own, sizes and speeds in range, and each tells how it is known", () => {
  expect(SUBJECTS.length).toBeGreaterThanOrEqual(70);
  expect(new Set(SUBJECTS.map((s) => s.id)).size).toBe(SUBJECTS.length);
  for (const s of SUBJECTS) {
    const wrong = [
      !/^[a-z0-9-]{1,40}$/.test(s.id),
      !(s.height > 0.002 && s.height < 10),
      !(s.depth > 0 && s.depth <= 4),
      !(s.length === undefined || s.length >= s.depth),
      !(s.bodySpeed >= 0 && s.bodySpeed <= s.fastSpeed && s.fastSpeed < (s.group === "motors" ? 300 : 100)),
      !(s.bob >= 0 && s.bob <= 1),
      s.source.length < 5,
      s.parts.some((p) => !(p.speed > 0 && p.speed <= p.fast && p.fast < (s.group === "motors" ? 300 : 120))),
      s.parts.some((p) => p.partClass === "tool" && !(p.halfWidth! > 0.005 && p.halfWidth! < 0.2)),
      new Set(s.parts.map((p) => p.id)).size !== s.parts.length,
    ];
    expect([s.id, wrong.indexOf(true)]).toEqual([s.id, -1]);
  }
});

test("the disciplines that photographers named are there", () => {
  const groups = new Set(SUBJECTS.map((s) => s.group));
  expect(groups.size).toBe(15);
  for (const name of [
    /ice hockey/i,
    /handball/i,
    /gridiron/i,
    /rugby/i,
    /cricket/i,
    /softball/i,
    /baseball/i,
    /volleyball/i,
    /badminton/i,
    /tennis/i,
    /crawl/i,
    /breast/i,
    /butterfly swimmer/i,
    /backstroke/i,
    /rowing/i,
    /slalom canoe/i,
    /cyclist/i,
    /skier/i,
    /climber/i,
    /gymnast/i,
    /horse/i,
    /racing car/i,
    /feeder/i,
    /singing/i,
    /stem/i,
  ])
    expect(SUBJECTS.some((s) => name.test(s.name))).toBe(true);
});

// FIH: a ball of 224 to 235 mm round; IHF: 58–60 cm; World Athletics, ITF (6.54–6.86 cm), IFAB (68–70 cm), WBSC (23–23.5 cm).
test("balls are as thick as the rules have them", () => {
  const thickness = (id: string, ball = "ball") => 2000 * part(id, ball).halfWidth!;
  const round = (mm: number) => mm / Math.PI;
  const within = (value: number, [from, to]: readonly [number, number]) =>
    expect(value > from - 1.5 && value < to + 1.5).toBe(true);
  within(thickness("hockey-drag-flicker"), [round(224), round(235)]);
  within(thickness("handball-throw"), [round(580), round(600)]);
  within(thickness("football-kick"), [round(680), round(700)]);
  within(thickness("tennis-serve"), [65.4, 68.6]);
  within(thickness("baseball-batter"), [round(229), round(235)]);
  within(thickness("table-tennis"), [40, 40]);
  within(thickness("ice-hockey-skater", "puck"), [76.2, 76.2]);
  within(thickness("volleyball-attack"), [round(650), round(670)]);
});

test("wing tips by beat, stroke and span come out as estimated in the field: gull 7, harrier 6, tern 5, duck 17, tit 12 m/s", () => {
  const wanted = {
    "gull-flying": 7,
    "harrier-hunting": 6,
    "tern-flying": 5,
    "duck-flying": 17,
    "tit-flying": 12,
  };
  for (const [id, speed] of Object.entries(wanted)) expect(part(id, "wing").speed).toBeCloseTo(speed, 0);
  // A beat is up and down: over a quarter period the tip goes through half the stroke at the sine's mean, 2/π of its peak.
  const [n, stroke, span] = [4, 80, 1.2];
  const path = (((stroke / 2) * Math.PI) / 180 / (1 / (4 * n))) * (span / 2);
  expect(wingTipSpeed(n, stroke, span)).toBeCloseTo(path * (Math.PI / 2), 9);
});

test("the speeds of practice and of published figures stand in the rows (m/s)", () => {
  const rows: readonly (readonly [string, number])[] = [
    ["hockey-runner", 7],
    ["sprinter", 10],
    ["distance-runner", 5.5],
    ["swimmer-crawl", 1.9],
    ["road-cyclist", 11],
    ["track-cyclist", 18],
    ["skier", 12],
    ["galloping-horse", 17],
    ["gymnast", 7],
    ["duck-flying", 17],
    ["swan-flying", 17],
    ["gull-flying", 11],
    ["harrier-hunting", 10],
    ["tern-flying", 10],
    ["otter-bank", 1.5],
    ["otter-swimming", 1.2],
    ["deer-running", 12],
    ["snowflake", 1.2],
    ["raindrop", 6],
  ];
  expect(rows.map(([id]) => [id, byId(id).bodySpeed])).toEqual(rows.map((r) => [...r]));
  // FEI Eventing Rules: 520 to 570 metres a minute across country.
  expect(byId("cross-country-horse").bodySpeed).toBeGreaterThan(520 / 60);
  expect(byId("cross-country-horse").fastSpeed).toBeLessThanOrEqual(570 / 60);
  // Free fall over five metres.
  expect(byId("tern-diving").bodySpeed).toBeCloseTo(Math.sqrt(2 * 9.80665 * 5), 1);
});

test("what was fitted to practice says so", () => {
  for (const id of ["small-bird-singing", "climber", "butterfly-calm", "butterfly-wind", "swimmer-crawl"])
    expect(byId(id).source).toMatch(/fitted to practice: consistency, not proof/);
});

test("a row becomes an outing's subject without what only the library tells", () => {
  const subject = asSubject(byId("gull-flying"));
  expect(subject).toMatchObject({ id: "gull-flying", span: 1.4, round: true });
  expect(subject.fastSpeed).toBe(15);
  for (const key of ["group", "source", "wingBeat"]) expect(subject).not.toHaveProperty(key);
  expect(asSubject(byId("sprinter"))).not.toHaveProperty("span");
});

test("every subject of the library has a figure by which it is drawn, and keeps it when an outing takes it", () => {
  expect(SUBJECTS.filter((s) => !hasFigure(s.id)).map((s) => s.id)).toEqual([]);
  expect(asSubject(byId("hockey-drag-flicker")).figure).toBe("low-stick");
  expect(figureOf("somebody-else")).toBe("standing");
});
