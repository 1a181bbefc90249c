import { expose } from "comlink";
import { longWork } from "./long-work";

expose(longWork);
