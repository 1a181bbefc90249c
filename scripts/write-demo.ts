/** Writes the demo outing as the file that the application would write: `demo/hockey-semi-final.outing.json`. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { demoKit, demoOutings } from "../demo";
import { DEFAULT_PREFERENCES, writeOutingFile } from "../src/data";

const text = writeOutingFile({ outing: demoOutings[0]!, kit: demoKit, preferences: DEFAULT_PREFERENCES });
writeFileSync(path.resolve(__dirname, "../demo/hockey-semi-final.outing.json"), text);
