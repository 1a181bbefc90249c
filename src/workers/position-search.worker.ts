import { expose } from "comlink";
import { runBrief, runSearch } from "./position-search";

expose({ runSearch, runBrief });
