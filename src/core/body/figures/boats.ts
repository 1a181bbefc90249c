import { builtFigure, type Built } from "../figure";
import type { PersonPose } from "../pose";
import { posedPerson } from "../person";
import { arm, leg, pose } from "../poses/pose-of";
import { board, shaft, type Tool } from "../tools";
import { ball, broad, chain, leaned, tipped, vec, type Place } from "../rigs/build";
import { personAt } from "../rigs/rider";
import { moved, type Solid } from "../solid";
import { aboveWater } from "../water";
import type { Vec } from "../turned";

// In metres by their classes; strokes and seats from memory.

const made = (name: string, colour: Solid["made"]) => ({ name, part: "body" as const, made: colour });

/** A hull from its stern to its bow, so broad and so high over the water, its keel under it. */
function hull(
  name: string,
  [stern, bow]: readonly [number, number],
  half: number,
  high: number,
  colour: Solid["made"],
): Solid[] {
  const middle = (stern + bow) / 2;
  const long = bow - stern;
  const corners: Place[] = [
    [stern, 0, high * 0.9],
    [stern + 0.14 * long, half * 0.8, high * 0.8],
    [stern + 0.14 * long, -half * 0.8, high * 0.8],
    [middle, half, high * 0.75],
    [middle, -half, high * 0.75],
    [bow - 0.12 * long, half * 0.55, high * 0.85],
    [bow - 0.12 * long, -half * 0.55, high * 0.85],
    [bow, 0, high],
    [stern + 0.08 * long, 0, 0],
    [bow - 0.06 * long, 0, 0],
  ];
  return [broad(made(name, colour), corners.map(vec), 0.02)];
}

const pair = (p: PersonPose, at: Place, tools: readonly Tool[] = []) => personAt(p, vec(at), { tools });
const settled = (solids: readonly Solid[], face: Vec): Built => ({
  solids: aboveWater(solids),
  face,
  off: "as built",
});

/** Rowers sit with their backs to the way they go; their oars out to either side. */
function rowing(rower: PersonPose, sweep: number, dip: number): Built {
  const seats = [1.1, -0.5];
  const rowers = seats.map((x) => pair({ ...rower, yaw: 180 }, [x, 0, 0.34]));
  const oars = rowers.flatMap(({ leftHand, rightHand }, i) =>
    [1, -1].flatMap((side) => {
      const hand = side === 1 ? rightHand : leftHand;
      const s = (sweep * Math.PI) / 180;
      const end = vec([seats[i]! - 0.3 + 1.9 * Math.sin(s), side * (0.7 + 1.7 * Math.cos(s)), dip]);
      return [
        ...chain({ name: "oar", part: "tool", made: "straw" }, [hand, end], [0.022, 0.022]),
        ...chain(
          { name: "blade", part: "tool", made: "red", hub: hand },
          [end, vec([end.x + 0.36 * Math.sin(s), end.y + side * 0.36 * Math.cos(s), end.z])],
          [0.07, 0.1],
        ),
      ];
    }),
  );
  return settled(
    [...hull("hull", [-5, 5], 0.24, 0.2, "white"), ...rowers.flatMap((r) => r.solids), ...oars],
    { x: -1, y: 0, z: 0 },
  );
}
export const ROWING = builtFigure(
  "length",
  {
    catch: () =>
      rowing(pose(leg(110, 116), leg(110, 116), arm(84, 4), arm(84, 4), { tip: 26, bend: 14 }), -46, 0.06),
    drive: () => rowing(pose(leg(90, 40), leg(90, 40), arm(76, 10), arm(76, 10), { tip: 2 }), 0, 0.02),
    finish: () =>
      rowing(pose(leg(86, 4), leg(86, 4), arm(30, 100, 10), arm(30, 100, 10), { tip: -22 }), 36, 0.08),
    recovery: () => rowing(pose(leg(92, 50), leg(92, 50), arm(80, 6), arm(80, 6), { tip: 20 }), 4, 0.26),
  },
  {
    peak: 1,
    wears: "shorts",
    measured: () => settled(hull("hull", [-5, 5], 0.24, 0.2, "white"), vec([1, 0, 0])),
  },
);

const PADDLE = (way: Place): Tool =>
  shaft("paddle", { by: "both", way, behind: 0.56, before: 0.56 }, [0.011, 0.011]);
const sitting = (
  left: PersonPose["leftArm"],
  right: PersonPose["rightArm"],
  more: Partial<PersonPose> = {},
): PersonPose => pose(leg(88, 26), leg(88, 26), left, right, more);
const canoe = (
  p: PersonPose,
  tool: Tool,
  { long = 3.5, tip = 0, seat = [-0.1, 0, 0.16] as Place, off = 0 } = {},
): Built => {
  const paddler = pair(p, seat, [tool]);
  const whole = [...hull("hull", [-long / 2, long / 2], 0.26, 0.2, "yellow"), ...paddler.solids].map((s) =>
    moved(s, vec([0, 0, off])),
  );
  return settled(tipped(whole, tip), paddler.face);
};
const WHITEWATER = () =>
  canoe(sitting(arm(80, 40, 20), arm(60, 50, 20), { tip: 8 }), PADDLE([0.5, 0.7, -0.5]));
export const CANOE_SLALOM = builtFigure(
  "length",
  {
    approach: WHITEWATER,
    gate: () =>
      canoe(
        sitting(arm(110, 30, 30), arm(50, 60, 30), { tip: 16, twist: 24, lean: 10 }),
        PADDLE([0.2, 0.8, -0.6]),
      ),
    drop: () =>
      canoe(sitting(arm(120, 40, 20), arm(60, 50, 30), { tip: 10 }), PADDLE([0.4, -0.8, 0.5]), {
        tip: -12,
        off: 0.2,
      }),
  },
  { peak: 1, measured: WHITEWATER },
);
const sprint =
  (side: 1 | -1, down: number): (() => Built) =>
  () =>
    canoe(
      sitting(arm(side === 1 ? 60 : 104, 30, 10), arm(side === 1 ? 104 : 60, 30, 10), {
        tip: 6,
        twist: 20 * side,
      }),
      PADDLE([0.3, 0.72 * side, down]),
      { long: 5.2 },
    );
export const CANOE_SPRINT = builtFigure(
  "length",
  { catch: sprint(1, -0.7), pull: sprint(1, -0.5), "other side": sprint(-1, -0.7) },
  { peak: 0, measured: sprint(1, -0.7) },
);
const KITE_BOARD = board("board", 0.22, 0.018);
const kite = (p: PersonPose, off: number): Built => {
  const person = posedPerson({ ...p, off }, [KITE_BOARD]);
  const bar = person.rightHand;
  return {
    solids: [
      ...person.solids,
      ...chain(
        { name: "bar", part: "tool", made: "black" },
        [vec([bar.x, -0.16, bar.z]), vec([bar.x, 0.16, bar.z])],
        [0.012],
      ),
    ],
    face: person.face,
    off,
  };
};
const leaningBack = (hip: number, knee: number, more: Partial<PersonPose> = {}): PersonPose =>
  pose(leg(hip, knee, 10, 24), leg(hip, knee + 14, 10, 24), arm(84, 30), arm(84, 30), {
    yaw: -60,
    tip: -20,
    bend: 10,
    ...more,
  });
export const KITESURFING = builtFigure(
  "height",
  {
    riding: () => kite(leaningBack(34, 30), 0),
    jump: () => kite(leaningBack(90, 96), 1.8),
    grab: () => kite(leaningBack(104, 110, { rightArm: arm(40, 10, 30) }), 2.2),
  },
  { peak: 1, wears: "shorts", measured: () => kite(leaningBack(14, 10, { tip: 0 }), 0) },
);
const windsurf = (p: PersonPose, tip: number, off = 0): Built => {
  const sailor = personAt(p, vec([-0.3, -0.35, 0.95]));
  const top: Place = [-0.5 + tip * 0.02, 0.1, 4.4];
  const solids = [
    ...hull("board", [-1.3, 1.3], 0.32, 0.12, "white"),
    ...chain(
      { name: "mast", part: "tool", made: "black" },
      [vec([0.1, 0, 0.14]), vec([0.16, 0, 2.2]), vec(top)],
      [0.024, 0.02, 0.012],
    ),
    broad(
      { name: "sail", part: "tool", made: "orange" },
      [vec([0.1, 0, 0.4]), vec([0.16, 0, 2.2]), vec(top), vec([-0.95, 0.08, 3.2]), vec([-1.75, 0.1, 1.3])],
      0.008,
    ),
    ...chain(
      { name: "boom", part: "tool", made: "stone" },
      [vec([0.14, 0, 1.35]), vec([-0.8, -0.22, 1.38]), vec([-1.75, 0.1, 1.3])],
      [0.018],
    ),
    ...sailor.solids,
  ].map((s) => moved(s, vec([0, 0, off])));
  return settled(solids, sailor.face);
};
const hanging = (more: Partial<PersonPose> = {}): PersonPose =>
  pose(leg(22, 16, 10, 20), leg(26, 22, 10, 20), arm(82, 20), arm(82, 20), { yaw: 70, tip: -24, ...more });
export const WINDSURFING = builtFigure(
  "height",
  {
    planing: () => windsurf(hanging(), 0),
    jibe: () => windsurf(hanging({ tip: 14, yaw: 30 }), 14),
    jump: () => windsurf(hanging({ tip: -10 }), 0, 1.4),
  },
  { measured: () => windsurf(hanging(), 0) },
);
const dinghy = (heel: number, p: PersonPose, out: number): Built => {
  const crew = [-0.4, 0.35].map((x) => personAt(p, vec([x, out, 0.55])));
  const sail = [
    ...chain(
      { name: "mast", part: "tool", made: "stone" },
      [vec([0.5, 0, 0.3]), vec([0.46, 0, 5.9])],
      [0.035, 0.02],
    ),
    broad(
      { name: "sail", part: "tool", made: "white" },
      [vec([0.44, -0.02, 1.0]), vec([0.42, -0.02, 5.8]), vec([-0.5, -0.4, 3.6]), vec([-1.7, -0.6, 1.05])],
      0.01,
    ),
    broad(
      { name: "jib", part: "tool", made: "white" },
      [vec([0.56, 0, 4.3]), vec([2.0, 0, 0.5]), vec([0.5, -0.3, 0.75])],
      0.01,
    ),
    ...chain(
      { name: "boom", part: "tool", made: "stone" },
      [vec([0.46, -0.02, 0.95]), vec([-1.75, -0.6, 1.0])],
      [0.025],
    ),
  ];
  const all = [
    ...hull("hull", [-2.1, 2.1], 0.72, 0.42, "white"),
    ...sail,
    ...crew.flatMap((one) => one.solids),
    ball(made("rudder", "black"), vec([-2.05, 0, 0.3]), 0.06),
  ];
  return settled(leaned(all, -heel), crew[0]!.face);
};
const HIKING = pose(leg(84, 60), leg(84, 60), arm(60, 60), arm(60, 60), { yaw: -90, tip: -36, look: 60 });
const SEATED = pose(leg(84, 84), leg(84, 84), arm(50, 70), arm(50, 70), { yaw: -90, look: 60 });
export const DINGHY = builtFigure(
  "height",
  {
    reaching: () => dinghy(8, SEATED, 0.5),
    beating: () => dinghy(16, HIKING, 0.72),
    running: () => dinghy(-4, SEATED, 0.3),
  },
  { peak: 1, measured: () => dinghy(0, SEATED, 0.3) },
);
