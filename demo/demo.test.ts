import { kitSchema, shootSchema } from "@/data";
import { demoKit, demoShoots } from ".";

test("the demo passes the schemas that everything from outside passes", () => {
  expect(kitSchema.parse(demoKit)).toEqual(demoKit);
  for (const shoot of demoShoots) expect(shootSchema.parse(shoot)).toEqual(shoot);
});

test("every choice of the demo names kit that is in the bag", () => {
  const ids = [...demoKit.bodies, ...demoKit.lenses, ...demoKit.converters, ...demoKit.supports].map(
    (k) => k.id,
  );
  for (const c of demoShoots.flatMap((s) => s.choices))
    for (const id of [c.bodyId, c.lensId, c.supportId, c.converterId])
      if (id !== null) expect(ids).toContain(id);
});

test("no position of the demo stands where nobody may", () => {
  const shoot = demoShoots[0]!;
  expect(shoot.ground.positions).toHaveLength(3);
  expect(shoot.ground.masts).toHaveLength(2);
});
