import { BIRDS } from "./birds";
import { MAMMALS } from "./mammals";
import { INSECTS_SPIDERS_WEATHER, REPTILES_AND_AMPHIBIANS } from "./small-animals";
import { ATHLETICS } from "./athletics";
import { BATS_AND_RACKETS } from "./bats-and-rackets";
import { CLIMBING_AND_GYMNASTICS, DOGS, HORSES, MOTORS, PEOPLE } from "./people-horses-motors";
import { SNOW_AND_ICE, WATER, WHEELS } from "./water-and-wheels";
import { TEAM_SPORTS } from "./team-sports";
import type { CatalogueSubject } from "./row";
import { youthOf } from "./youth";

/**
 * Subjects of the library. Sizes in metres; speeds in m/s: body over the ground, limbs and wings against the body, tools
 * and balls over the ground; typical and fast. Each row tells how it is known.
 */
export const SUBJECTS: readonly CatalogueSubject[] = Object.freeze([
  ...TEAM_SPORTS,
  ...youthOf(TEAM_SPORTS),
  ...BATS_AND_RACKETS,
  ...youthOf(BATS_AND_RACKETS),
  ...ATHLETICS,
  ...WATER,
  ...youthOf(WATER),
  ...WHEELS,
  ...SNOW_AND_ICE,
  ...CLIMBING_AND_GYMNASTICS,
  ...DOGS,
  ...HORSES,
  ...MOTORS,
  ...PEOPLE,
  ...MAMMALS,
  ...BIRDS,
  ...REPTILES_AND_AMPHIBIANS,
  ...INSECTS_SPIDERS_WEATHER,
]);

export { BIRDS } from "./birds";
export { BATS_AND_RACKETS } from "./bats-and-rackets";
export { MAMMALS } from "./mammals";
export { HORSES, PEOPLE } from "./people-horses-motors";
export { TEAM_SPORTS } from "./team-sports";
export { grownOf } from "./grown";
export { asSubject, wingTipSpeed, type CataloguePart, type CatalogueSubject, type SubjectGroup } from "./row";
