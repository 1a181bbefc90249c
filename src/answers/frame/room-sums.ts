import { figure, type Figure } from "../explain/figure";
import type { Previews } from "./before-it-is-taken";

/** The share of the frame that is free before the subject. */
export const roomSum = ({ room, whole }: Pick<Previews, "room" | "whole">): Figure =>
  figure(room, "roomAhead", { asked: { kind: "whole", value: whole } });
