import { calc } from "./doors/calc";
import { finish } from "./doors/outcome";

finish(calc(process.argv.slice(2)));
