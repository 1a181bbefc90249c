import { demoOutings } from "../../../demo";
import { placesOf } from "./known-places";

test("a place is remembered once, as its latest outing had it", () => {
  const [hockey] = demoOutings;
  const turned = { ...hockey!.ground, venue: { ...hockey!.ground.venue, bearing: 77 } };
  const later = { ...hockey!, id: "later", date: "2028-01-01", ground: turned };
  const places = placesOf([...demoOutings, later]);
  expect(places).toHaveLength(demoOutings.length);
  expect(places[0]).toMatchObject({
    id: "later",
    name: hockey!.place,
    bearing: 77,
    template: "field-hockey",
  });
});
