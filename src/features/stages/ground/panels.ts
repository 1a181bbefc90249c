import { tradePlacesFor } from "@/outing/trade-places";
import { countWords, metresWords } from "@/words";
import { always, whenSeen, withPicture, withStage, type Panel } from "../screen/panel";
import { ShotList } from "../shot/ShotList";
import {
  comparedAnswer,
  lieAnswer,
  meshIn,
  onGroundAnswer,
  sightAnswer,
  spotAnswer,
  weatherAnswer,
} from "./answers";
import { GroundPlan } from "./GroundPlan";
import { PositionFields, positionAnswer } from "./PositionFields";
import { PositionFigures } from "./PositionFigures";
import { CautionsHere, PositionHead, WatchHere } from "./PositionHead";
import { SkyAndLamps, skyAnswer } from "./SkyAndLamps";

/** Ground: where to stand, what each place sees, where the light comes from. */
export const GROUND: readonly Panel[] = [
  { id: "plan", title: "The plan", phone: "fill", wide: "fill", when: always, load: withStage(GroundPlan) },
  {
    id: "place",
    title: "The shot",
    phone: "none",
    wide: "lead",
    when: always,
    load: withStage(PositionHead),
  },
  {
    id: "figures",
    title: "From here",
    phone: "lead",
    wide: "lead",
    when: always,
    load: withStage(PositionFigures),
  },
  {
    id: "watch-here",
    title: "Watch out",
    phone: "open",
    wide: "lead",
    when: ({ found }) => found !== undefined && found.judgement.some((j) => j.weight !== "veto"),
    answer: ({ found }) => countWords(found?.judgement.length ?? 0, "thing"),
    load: withStage(WatchHere),
  },
  {
    id: "sight",
    title: "In the way, behind, and the faces",
    phone: "folded",
    wide: "folded",
    when: withPicture,
    answer: sightAnswer,
    load: whenSeen(async () => (await import("./sight/SightFromHere")).SightFromHere),
  },
  {
    id: "mesh",
    title: "Through the mesh",
    phone: "open",
    wide: "open",
    when: (view) => meshIn(view) !== undefined,
    answer: (view) => {
      const mesh = meshIn(view);
      return mesh ? `${mesh.structure}, ${metresWords(mesh.numbers.away)} ahead` : "";
    },
    load: whenSeen(async () => (await import("./sight/ThroughMesh")).ThroughMesh),
  },
  {
    id: "compare",
    title: "Positions compared",
    phone: "folded",
    wide: "open",
    when: withPicture,
    answer: comparedAnswer,
    load: whenSeen(async () => (await import("./CompareTable")).CompareTable),
  },
  {
    id: "brief-places",
    title: "Places for the whole brief",
    phone: "folded",
    wide: "folded",
    when: ({ rig }) => rig !== undefined,
    answer: ({ outing }) =>
      `${countWords(outing.shots.length, "shot")} from ${countWords(outing.ground.positions.length, "position")}`,
    load: whenSeen(async () => (await import("./BriefPlaces")).BriefPlaces),
  },
  {
    id: "position",
    title: "Position",
    phone: "folded",
    wide: "open",
    when: always,
    answer: positionAnswer,
    load: withStage(PositionFields),
  },
  {
    id: "find-positions",
    title: "Other positions for this shot",
    phone: "folded",
    wide: "folded",
    when: ({ rig }) => rig !== undefined,
    answer: () => "anywhere you may stand, with each of your lenses",
    load: whenSeen(async () => (await import("./FindPositions")).FindPositions),
  },
  {
    id: "trade-places",
    title: "Where the trade stands",
    phone: "folded",
    wide: "folded",
    when: ({ subject, outing, spot, rig }) =>
      rig !== undefined && tradePlacesFor(outing.ground, subject.id, spot).length > 0,
    answer: ({ subject, outing, spot }) =>
      tradePlacesFor(outing.ground, subject.id, spot)
        .map(({ place }) => place.situation)
        .join(", "),
    load: whenSeen(async () => (await import("./TradePlaces")).TradePlaces),
  },
  {
    id: "sky",
    title: "Sky and lamps",
    phone: "folded",
    wide: "open",
    when: ({ outing: { light } }) => !light.roof || light.lamps !== null,
    answer: skyAnswer,
    load: withStage(SkyAndLamps),
  },
  {
    id: "forecast",
    title: "Forecast",
    phone: "folded",
    wide: "folded",
    when: ({ outing: { light } }) => !light.roof,
    answer: ({ outing: { forecast } }) =>
      forecast ? `${forecast.hours.length} hours as a band` : "none yet",
    load: whenSeen(async () => (await import("./forecast/ForecastPanel")).ForecastPanel),
  },
  {
    id: "weather",
    title: "Wind and water",
    phone: "folded",
    wide: "folded",
    when: ({ outing: { light } }) => !light.roof,
    answer: weatherAnswer,
    load: whenSeen(async () => (await import("./WindAndWater")).WindAndWater),
  },
  {
    id: "day",
    title: "Sun, moon and shade",
    phone: "folded",
    wide: "folded",
    when: ({ outing: { light } }) => !light.roof,
    answer: ({ spot, position }) =>
      `the day at ${spot.name}${position ? ` and at ${position.name}` : ""}, midnight to midnight`,
    load: whenSeen(async () => (await import("./SunAndShade")).SunAndShade),
  },
  {
    id: "light-over",
    title: "Light over the ground",
    phone: "folded",
    wide: "folded",
    when: (view) => withPicture(view) && view.position !== undefined,
    answer: () => "bright and dark places, in clicks against this spot",
    load: whenSeen(async () => (await import("./LightOver")).LightOver),
  },
  {
    id: "shots",
    title: "Promised",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: ({ outing }) => countWords(outing.shots.length, "shot"),
    load: withStage(ShotList),
  },
  {
    id: "spot",
    title: "Spot of this shot",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: spotAnswer,
    load: whenSeen(async () => (await import("./SpotFields")).SpotFields),
  },
  {
    id: "on-the-ground",
    title: "On the ground",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: onGroundAnswer,
    load: whenSeen(async () => (await import("./draw/drawing-parts")).OnTheGround),
  },
  {
    id: "lie",
    title: "Ground and light",
    phone: "folded",
    wide: "folded",
    when: always,
    answer: lieAnswer,
    load: whenSeen(async () => (await import("./LieOfGround")).LieOfGround),
  },
  {
    id: "cautions-here",
    title: "Cautions",
    phone: "open",
    wide: "lead",
    when: ({ outing }) => outing.cautions.length > 0,
    answer: ({ outing }) => countWords(outing.cautions.length, "caution"),
    load: withStage(CautionsHere),
  },
];
