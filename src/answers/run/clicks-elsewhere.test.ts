import { lockRails } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { zones } from "./clicks-elsewhere";

const hall = anOuting("handball-league-evening");

test("the card counted a zone that its ISO holds already: the own zone is the one whose outline holds the spot", () => {
  const { ground } = hall.view.outing;
  const own = ground.zones.find((z) => z.id === hall.view.spot.zoneId)!;
  const other = ground.zones.find((z) => z.id !== own.id)!;
  const { at } = hall.view.spot;
  const outline = [-1, 1].flatMap((x) => [-1, 1].map((y) => ({ x: at.x + x, y: at.y + (x < 0 ? y : -y) })));
  // The spot names one zone and lies within the outline of another: the outline rules.
  const drawn = hall.changed((o) => ({
    ...o,
    ground: {
      ...o.ground,
      zones: [...o.ground.zones.filter((z) => z.id !== other.id), { ...other, outline }],
    },
  }));
  const rows = zones(drawn.view).others;
  expect(rows.map((r) => r.id)).toContain(own.id);
  expect(rows.map((r) => r.id)).not.toContain(other.id);
  const back = rows.find((r) => r.id === own.id)!;
  expect(back.clicks).toBe(own.offsetClicks - other.offsetClicks);
});

test("clicks are turned on the rail that is free, and what lies past a limit is marked", () => {
  const held = hall.changed(lockRails(hall.view.shot.id, { iso: 15 }));
  for (const row of zones(held.view).others) expect(row.rail).toBe("shutter");
  const dark = zones(hall.view).others.find((z) => z.clicks < 0)!;
  const { rails, settings } = hall.view.found!.settings;
  expect(dark.rail).toBe("iso");
  expect(dark.click).toBe(settings.iso - dark.clicks);
  expect(dark.past).toBe(Math.max(0, dark.click - rails.iso.to));
});
