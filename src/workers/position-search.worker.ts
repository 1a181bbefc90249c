import { expose } from "comlink";
import { runSearch } from "./position-search";

expose({ runSearch });
