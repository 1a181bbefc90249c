/** Writes docs/places.md: where the trade stands against where the search does. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { placeRows, placesPage } from "./doors/places";

writeFileSync(path.resolve(__dirname, "../docs/places.md"), placesPage(placeRows()));
