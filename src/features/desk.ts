/** What is done at a desk, as one module with the form library and the catalogue. */
export { demoKit, demoOutings } from "../../demo";
export { ownBeginning } from "./home/own-beginning";
export { AccessForm, PlaceForm, WhenForm } from "./brief/outing-forms";
export { ShotForm } from "./brief/ShotForm";
export { PlanOuting } from "./home/PlanOuting";
export { KitScreen } from "./kit/KitScreen";
export { LibraryScreen } from "./library/LibraryScreen";
export { PreferencesScreen } from "./preferences/PreferencesScreen";
export { ReadingForm } from "./run/ReadingForm";
