import { type Panel, whenSeen } from "../../screen/panel";

export const forecastPanel: Panel = {
  id: "forecast",
  title: "Forecast",
  phone: "folded",
  wide: "folded",
  further: true,
  when: ({ outing: { light } }) => !light.roof,
  answer: ({ outing: { forecast } }) => (forecast ? `${forecast.hours.length} hours as a band` : "none yet"),
  load: whenSeen(async () => (await import("./View")).ForecastPanel),
};
