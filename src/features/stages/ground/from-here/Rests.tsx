import { reasons } from "@/answers/explain/reasons";
import { useOuting } from "../../../outing/use-outing";
import { Reasons } from "../../reasons/Reasons";
import { ASKED_TITLE, type Asked } from "./figures";

/** What one of the four figures rests on. */
export function Rests({ asked }: { asked: Asked }) {
  const steps = useOuting(reasons);
  return steps && <Reasons title={ASKED_TITLE[asked]} steps={steps[asked === "light" ? "ev" : asked]} />;
}
