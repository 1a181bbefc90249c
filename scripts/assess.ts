import { assessFile } from "./doors/assess";
import { finish } from "./doors/outcome";

finish(assessFile(process.argv.slice(2)));
