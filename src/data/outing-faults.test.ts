import { demoOutings } from "../../demo";
import { outingFaults } from "./outing-faults";
import { outingSchema } from "./schema";

const outing = demoOutings[0]!;

test("an edit and its keeping looked through the whole outing twice: parts that passed are looked through once", () => {
  const looked = jest.spyOn(outingSchema, "safeParse");
  const edited = { ...outing, notes: "gate at nine" };
  expect(outingFaults(edited)).toEqual([]);
  expect(outingFaults({ ...edited, revision: 8 })).toEqual([]);
  expect(looked).toHaveBeenCalledTimes(1);
  expect(outingFaults({ ...edited, notes: "gate at ten" })).toEqual([]);
  expect(outingFaults({ ...edited, notes: "gate at ten", archived: true })).toEqual([]);
  expect(looked).toHaveBeenCalledTimes(3);
  looked.mockRestore();
});

test("what differs in anything but its revision is looked through, and a revision that is none is refused", () => {
  expect(outingFaults(outing)).toEqual([]);
  expect(outingFaults({ ...outing, date: "2027-02-30" })).toMatchObject([{ path: "date" }]);
  expect(outingFaults({ ...outing, revision: -1 })).toMatchObject([{ path: "revision" }]);
  expect(outingFaults({ ...outing, revision: 0.5 })).toMatchObject([{ path: "revision" }]);
  const { notes: _, ...lacking } = outing;
  expect(outingFaults(lacking as typeof outing)).toMatchObject([{ path: "notes" }]);
  expect(outingFaults({ ...outing, unheardOf: 1 } as typeof outing)).toEqual([]);
});
