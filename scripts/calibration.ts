/** Writes docs/calibration.md: practice, set-up, model, difference. */
import { writeFileSync } from "node:fs";
import path from "node:path";
import { calibrationPage } from "./doors/calibration";

writeFileSync(path.resolve(__dirname, "../docs/calibration.md"), calibrationPage());
