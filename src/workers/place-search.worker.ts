import { expose } from "comlink";
import { runSearch } from "./place-search";

expose({ runSearch });
