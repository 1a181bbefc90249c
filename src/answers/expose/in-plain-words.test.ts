import { FIRST_GROUPS, FIRST_KITS, firstKit, firstOuting, isUnderRoof } from "@/outing/begin/first-answers";
import { DEFAULT_PREFERENCES } from "@/data";
import { lockRails } from "@/outing/edits";
import { anOuting, looked } from "../../../test/outings";
import { fieldCard, settingsOfCard } from "../run/card";
import { inPlainWords } from "./in-plain-words";

/** A first outing of a subject, bright or dark. */
function view(subjectId: string, kitId: string, dark: boolean) {
  const kit = firstKit(kitId);
  const roofed = isUnderRoof(subjectId);
  const outing = firstOuting(
    {
      subjectId,
      ...(roofed
        ? { light: dark ? ("dim" as const) : ("bright" as const) }
        : {
            light: dark ? ("trees" as const) : ("sun" as const),
            place: { latitude: 53.2, longitude: -1.4 },
          }),
      timeZone: "Europe/London",
      at: Date.UTC(2027, 5, 12, 11),
    },
    kit,
    DEFAULT_PREFERENCES,
  );
  return looked(outing, kit).view;
}

test("plain words say what the card says, and that something is given up only where it is", () => {
  const seen = new Set<string>();
  for (const { subjects } of FIRST_GROUPS)
    for (const { id: kitId } of FIRST_KITS.filter((_, i) => i % 2 === 0))
      for (const dark of [true, false]) {
        const v = view(subjects[0]!, kitId, dark);
        const plain = inPlainWords(v)!;
        const { taken, missing, over, rails } = v.found!.settings;
        expect(plain.settings).toEqual(settingsOfCard(fieldCard(v)!));
        const best =
          missing > 0 ? "too-dark" : over > 0 ? "too-bright" : taken.length > 0 ? "given-up" : "all";
        if (plain.best !== "given-up") expect(plain.best).toBe(best);
        expect(plain.shutter.why === "given-up").toBe(taken.some((t) => t.kind === "shutter"));
        if (plain.aperture === "widest") expect(plain.settings.aperture).toBe(rails.aperture.first);
        if (plain.openLens !== undefined) expect(plain.openLens).toBeGreaterThanOrEqual(1);
        seen.add(plain.best).add(plain.aperture).add(plain.iso).add(plain.shutter.why);
      }
  for (const code of ["all", "given-up", "widest", "lowest", "much-grain"]) expect([...seen]).toContain(code);
});

test("what is held by hand says so", () => {
  const { view: hockey } = anOuting("hockey-semi-final");
  const { settings } = hockey.found!.settings;
  for (const rail of ["shutter", "aperture", "iso"] as const) {
    const held = anOuting("hockey-semi-final").changed(lockRails(hockey.shot.id, { [rail]: settings[rail] }));
    const plain = inPlainWords(held.view)!;
    expect([rail, rail === "shutter" ? plain.shutter.why : plain[rail]]).toEqual([rail, "held"]);
  }
});
