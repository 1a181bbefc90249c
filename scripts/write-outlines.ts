/** Writes what the list of outings draws of bodies: `public/outlines.json`. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { outlines } from "./outlines/outlines";

writeFileSync(path.resolve(__dirname, "../public/outlines.json"), JSON.stringify(outlines()));
