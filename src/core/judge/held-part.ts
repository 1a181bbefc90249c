import { BODY_PART, partsOf, type SubjectPart } from "../motion";
import type { AssessInput } from "./assessment";

/** A head that is framed alone: it moves as the body does. */
const HEAD: SubjectPart = Object.freeze({ ...BODY_PART, name: "head" });

/**
 * The part that must hold: of a picture that frames a head alone the head, since nothing else is in it. Throws when the shot names a
 * part that its subject lacks.
 */
export function heldPartOf({ shot, subject }: Pick<AssessInput, "shot" | "subject">): SubjectPart {
  if (shot.part === "head") return HEAD;
  const part = partsOf(subject).find((p) => p.id === shot.holdPartId);
  if (!part)
    throw new Error(
      `shot ${shot.id} holds the part ${shot.holdPartId}, which ${subject.id} lacks; choose another part`,
    );
  return part;
}
