import { expose } from "comlink";
import { longWork } from "./long-work";
import { READY } from "./ready-worker";

expose(longWork);
postMessage(READY);
