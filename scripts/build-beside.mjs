// Builds the application when its inputs changed, as a process of its own beside other checks.
import { build } from "./prepare.mjs";

process.exit(build());
