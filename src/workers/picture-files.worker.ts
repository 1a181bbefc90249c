import { expose } from "comlink";
import { readHeaders } from "./picture-files";
import { READY } from "./ready-worker";

expose({ readHeaders });
postMessage(READY);
