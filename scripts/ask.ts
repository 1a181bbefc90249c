import { askFile } from "./doors/ask";
import { finish } from "./doors/outcome";

finish(askFile(process.argv.slice(2)));
