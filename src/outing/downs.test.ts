import { fromVenue, LEAVE_KINDS, toVenue } from "@/core/ground";
import { fromNothing } from "../../test/outings";
import {
  afterGain,
  ballAt,
  downsBegun,
  downsOf,
  laidOut,
  playDown,
  standFor,
  turnedOver,
  type Downs,
} from "./downs";

const outing = fromNothing("gridiron-runner");
const { venue } = outing.ground;
const field = downsOf(venue)!;
const [spot] = outing.ground.spots;
const [position] = outing.ground.positions;
const begun: Downs = {
  ...downsBegun(outing, spot!.id, position!.id)!,
  toward: 1,
  ball: 40,
  toGo: 10,
  down: 1,
};

test("attempts follow each other as the rules have it: gained enough is a first, the fourth gives the ball away", () => {
  const second = afterGain(begun, 3);
  expect(second).toMatchObject({ ball: 43, toGo: 7, down: 2 });
  expect(afterGain(second, 7)).toMatchObject({ ball: 50, toGo: 10, down: 1, toward: 1 });
  expect(afterGain(second, -5)).toMatchObject({ ball: 38, toGo: 12, down: 3 });
  const fourth = { ...begun, ball: 43, toGo: 7, down: 4 };
  // At their own 43, gained two: the others have it 55 yards from theirs.
  expect(afterGain(fourth, 2)).toMatchObject({ ball: 55, toGo: 10, down: 1, toward: -1 });
  expect(turnedOver(turnedOver(begun))).toEqual(begun);
  // Inside the ten no more is to be gained than is left.
  expect(ballAt(begun, 96)).toMatchObject({ ball: 96, toGo: 4, down: 1 });
  expect(afterGain(begun, 200).ball).toBe(99);
});

test("one stands level with the line to be gained, deep on a long third, at the end zone near the goal", () => {
  const of = (change: Partial<Downs>) => standFor({ ...begun, ...change });
  expect(of({})).toBe("line-to-gain");
  expect(of({ down: 3, toGo: 9 })).toBe("deep");
  expect(of({ down: 3, toGo: 2 })).toBe("line-to-gain");
  expect(of({ ball: 92, toGo: 8 })).toBe("end-zone");
  const laid = laidOut(begun, field, -1);
  expect(laid.gain).toBeCloseTo(50 * 0.9144 - 45.72, 9);
  expect(laid.position).toEqual({ x: -27.5, y: laid.gain });
  const back = laidOut({ ...begun, toward: -1 }, field, 1);
  expect([back.ball, back.position.x]).toEqual([-laid.ball, 27.5]);
});

test("a press moves the spot to the ball and the position with the line, on the side on which it is, however the venue is turned", () => {
  const turned = { ...outing, ground: { ...outing.ground, venue: { ...venue, bearing: 71 } } };
  const west = fromVenue(turned.ground.venue, { x: -27, y: 3 });
  const placed = {
    ...turned,
    ground: {
      ...turned.ground,
      positions: [{ ...position!, at: west }, ...turned.ground.positions.slice(1)],
    },
  };
  const inVenue = (at: { x: number; y: number }) => toVenue(turned.ground.venue, at);
  // Nobody stands in the run-off without leave: the position stays behind it until that is given.
  const outside = playDown(begun)(placed);
  expect(inVenue(outside.ground.positions[0]!.at).x).toBeCloseTo(-(24.385 + 3.66 + 0.5), 1);
  const given = { ...placed, ground: { ...placed.ground, leave: [...LEAVE_KINDS] } };
  const played = playDown(afterGain(begun, 12))(given);
  expect(inVenue(played.ground.spots[0]!.at).y).toBeCloseTo(52 * 0.9144 - 45.72, 1);
  expect(inVenue(played.ground.positions[0]!.at).x).toBeCloseTo(-27.5, 1);
  expect(inVenue(played.ground.positions[0]!.at).y).toBeCloseTo(62 * 0.9144 - 45.72, 1);
  expect(played.ground.spots[0]!.facing).toBeCloseTo(71, 6);
  expect(played.downs).toMatchObject({ ball: 52, down: 1 });
  // What is gone is no error: nothing moves.
  expect(playDown({ ...begun, spotId: "gone" })(placed)).toBe(placed);
});

test("they begin where the spot is, and only where such a game is played", () => {
  const y = toVenue(venue, spot!.at).y;
  const first = downsBegun(outing, spot!.id, position!.id)!;
  expect(Math.abs(first.ball - (y + field.goalLine) / field.yard)).toBeLessThanOrEqual(0.5);
  expect(downsBegun(fromNothing("football-runner"), "any", "any")).toBeUndefined();
});
