import { genericKit } from "../library/kit";
import { kitFrom, ownBeginning } from "@/outing/begin/own-beginning";
import { kitSchema } from "@/data";
import { fromNothing, looked } from "../../../test/outings";
import { lensesFromPositions } from "../frame/lenses";
import { searchOf } from "../ground/other-positions";
import { near } from "../frame/groups";
import { lensesInHand, withBody, zoomRange } from "./kit";

const bodyOf = (id: string) => genericKit.bodies.find((b) => b.id === id)!;
const BUILT_IN = genericKit.bodies.filter((b) => b.builtIn);

test("the catalogue has a bridge camera and a phone, each with the lens that it has for good", () => {
  expect(BUILT_IN.map((b) => b.id)).toEqual(["compact-20", "bridge-16", "phone-main", "phone-tele"]);
  for (const { id, builtIn, format } of BUILT_IN) {
    // As long as on 36 × 24 mm: a phone sees wide, a bridge camera far.
    const asOn36 = (mm: number): number => Math.round((mm * 36) / format.widthMm);
    const [from, to] = [asOn36(builtIn!.minFocalLengthMm), asOn36(builtIn!.maxFocalLengthMm)];
    expect([id, from, to]).toEqual([id, ...SEEN[id as keyof typeof SEEN]]);
  }
});

/** Focal lengths in mm as on 36 × 24 mm. */
const SEEN = {
  "compact-20": [24, 600],
  "bridge-16": [25, 1505],
  "phone-main": [26, 26],
  "phone-tele": [76, 76],
} as const;

test("whoever owns a phone and nothing else has a kit, an outing and every answer with its own lens", () => {
  const kit = kitFrom(bodyOf("phone-main"));
  expect(kitSchema.safeParse(kit).error).toBeUndefined();
  const { view } = looked(fromNothing("football-runner-youth", {}, kit), kit);
  expect(view.rig!.lens.id).toBe("phone-main-lens");
  expect(view.notInBag).toEqual([]);
  expect(view.found).toBeDefined();
  expect(zoomRange(view)).toBeUndefined();
  // One aperture: what is told of the light is told of it.
  expect(view.found!.settings.rails.aperture.first).toBe(view.found!.settings.rails.aperture.last);
  expect(lensesFromPositions(view).map(({ lens }) => lens.id)).toEqual(["phone-main-lens"]);
});

test("no lens of the bag goes on a body that has its own, and its own on no other", () => {
  const kit = { ...ownBeginning(), bodies: [bodyOf("bridge-16"), bodyOf("full-frame-24")] };
  const begun = fromNothing("grebe-swimming", {}, kit);
  const on = (bodyId: string) => {
    const { view } = looked(begun, kit);
    const choices = view.outing.choices.map((c) => ({ ...c, ...withBody(view, bodyId) }));
    return looked({ ...view.outing, choices }, kit).view;
  };
  const bridge = on("bridge-16");
  expect([bridge.rig!.body.id, bridge.rig!.lens.id, bridge.notInBag]).toEqual([
    "bridge-16",
    "bridge-16-lens",
    [],
  ]);
  expect(lensesInHand(bridge).map((l) => l.id)).toEqual(["bridge-16-lens"]);
  expect(searchOf(bridge)!.rigs.map(({ lens }) => lens.id)).toEqual(["bridge-16-lens"]);
  expect(near(bridge)!.serves.map(({ lens }) => lens.id)).toEqual(["bridge-16-lens"]);
  const changed = on("full-frame-24");
  expect(changed.rig!.lens.id).toBe(kit.lenses[0]!.id);
  expect(lensesInHand(changed)).toEqual(kit.lenses);
  expect(near(changed)!.over?.lens.id ?? "bridge-16-lens").toBe("bridge-16-lens");
});

test("a kit without a lens is one only where every body has its own", () => {
  const none = { ...ownBeginning(), lenses: [] };
  expect(kitSchema.safeParse(none).error!.issues[0]).toMatchObject({ path: ["lenses"] });
  expect(kitSchema.safeParse({ ...none, bodies: [bodyOf("phone-tele")] }).error).toBeUndefined();
});
