import { expose } from "comlink";
import { readFile } from "@/data/files/any-file";
import { READY } from "./ready-worker";

expose({ readFile });
postMessage(READY);
