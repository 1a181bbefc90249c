import { expose } from "comlink";
import { readHeaders } from "./picture-files";

expose({ readHeaders });
