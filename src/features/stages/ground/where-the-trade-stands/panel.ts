import { type Panel, whenSeen } from "../../screen/panel";
import { tradePlacesFor } from "@/outing/trade-places";

export const whereTheTradeStandsPanel: Panel = {
  id: "where-the-trade-stands",
  title: "Where the trade stands",
  phone: "folded",
  wide: "folded",
  when: ({ subject, shot, outing, spot, rig }) =>
    rig !== undefined && tradePlacesFor(outing.ground, { subject, side: shot.side }, spot).length > 0,
  answer: ({ subject, shot, outing, spot }) =>
    tradePlacesFor(outing.ground, { subject, side: shot.side }, spot)
      .map(({ place }) => place.situation)
      .join(", "),
  load: whenSeen(async () => (await import("./View")).TradePlaces),
};
