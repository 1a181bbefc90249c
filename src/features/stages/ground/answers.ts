import type { JudgementOf } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { backgroundWords, bearingWords, countWords, percentWords, surfaceWords } from "@/words";

// The lines of the panels that are loaded when they are first seen: they stand here, so that saying them loads nothing.

/** What stands and lies there, counted. */
export const onGroundAnswer = ({ outing: { ground } }: OutingView): string =>
  `${countWords(ground.obstacles.length, "thing")}, ${countWords(ground.areas.length, "area")}`;

/** How the ground lies and what it is made of, in a line. */
export const lieAnswer = ({ outing: { ground } }: OutingView): string =>
  `${surfaceWords(ground.surface ?? "grass").toLowerCase()}, long axis to ${bearingWords(ground.venue.bearing)}`;

/** Where the shot in hand happens, in a line. */
export const spotAnswer = ({ spot }: OutingView): string => spot.name;

export const comparedAnswer = ({ outing }: OutingView): string =>
  outing.ground.positions.map((p) => p.name).join(", ");

/** What is in the way, or what stands behind, in a line. */
export const sightAnswer = ({ found }: OutingView): string =>
  found
    ? found.sighting.blockage
      ? "view blocked"
      : `${found.sighting.hidden.share > 0 ? `${percentWords(found.sighting.hidden.share)} hidden` : "clear"}; behind: ${backgroundWords(found.sighting.background)}`
    : "";

/** What a netting in the line of sight does, if there is one. */
export const meshIn = ({ found }: OutingView): JudgementOf<"through-mesh"> | undefined =>
  found?.judgement.find((j): j is JudgementOf<"through-mesh"> => j.code === "through-mesh");

/** What is told of wind and water, in a line. */
export const weatherAnswer = ({ outing: { weather } }: OutingView): string =>
  [
    weather?.wind ? `wind from ${bearingWords(weather.wind.from)}` : "",
    weather?.water ? "water that moves" : "",
  ]
    .filter(Boolean)
    .join(", ") || "nothing told yet";
