// What a machine has to have before anything is installed or built: each lack in one line that says what to do.
import { statfsSync } from "node:fs";

const NODE = 20;
/** Bytes that packages, build and browser need. */
const ROOM = 2.5e9;

/** What is missing, given the version of Node.js ("20.1.0") and the bytes that are free; nothing where all is there. */
export function lackOf({ node, free }) {
  const major = Number(node.split(".")[0]);
  if (!(major >= NODE))
    return `Node.js ${node} is too old: install version ${NODE} or later, then run this again.`;
  if (free < ROOM)
    return `Only ${(free / 1e9).toFixed(1)} GB are free here: make room for ${(ROOM / 1e9).toFixed(1)} GB, then run this again.`;
  return undefined;
}

/** What this machine lacks for work in a folder. */
export function lackHere(folder) {
  const { bavail, bsize } = statfsSync(folder);
  return lackOf({ node: process.versions.node, free: Number(bavail) * Number(bsize) });
}
