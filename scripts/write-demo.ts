/** Writes the demo outing as the file that the application would write: `demo/hockey-semi-final.outing.json`. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { demoKit, demoOutings } from "../demo";
import { DEFAULT_PREFERENCES } from "../src/data";
import { jsonText, outingInFile } from "../src/data/files";

const text = jsonText(
  outingInFile({ outing: demoOutings[0]!, kit: demoKit, preferences: DEFAULT_PREFERENCES }),
);
writeFileSync(path.resolve(__dirname, "../demo/hockey-semi-final.outing.json"), text);
