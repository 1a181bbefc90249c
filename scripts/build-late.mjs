// The last steps of a build but one: see late-chunks.mjs.
import { splitBuild } from "./late-chunks.mjs";

splitBuild("dist");
