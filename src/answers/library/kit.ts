import { BODIES, CONVERTERS, FORMATS, LENSES, SUPPORTS } from "@/core/catalogue";
import { plain } from "@/outing/begin/own-beginning";

/** Generic kit to begin from, and the names of the usual formats. */
export const genericKit = Object.freeze({
  bodies: BODIES.map(plain),
  lenses: LENSES.map(plain),
  converters: CONVERTERS.map(plain),
  supports: SUPPORTS.map(plain),
  formats: FORMATS.map((f) => f.name),
});
