/** The forms of the brief as one late module. */
export { AccessForm } from "./AccessForm";
export { PlaceForm } from "./PlaceForm";
export { ShotForm } from "./ShotForm";
export { WhenForm } from "./WhenForm";
