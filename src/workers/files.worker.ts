import { expose } from "comlink";
import { readFile } from "@/data/files/any-file";

expose({ readFile });
