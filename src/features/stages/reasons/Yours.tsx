import { Txt } from "@/ui/controls/Txt";
import { yoursWords } from "@/words/yours";
import { useOuting } from "../../outing/use-outing";

/** A figure of one's own where it acts, with the usual one beside it; nothing while the usual one stands. */
export function Yours({ of }: { of: "tracking" | "pan" | "iso" }) {
  const learnt = useOuting((v) => v.preferences.learnt?.[of]);
  const technique = useOuting((v) => v.shot.technique);
  const acts = of === "iso" || (of === "pan" ? technique === "panned" : technique === "tracked");
  return learnt && acts ? (
    <Txt size={14} tone="water">
      {yoursWords(of, learnt)}
    </Txt>
  ) : null;
}
