import { Txt, type Tone } from "@/ui/controls/Txt";
import { depthSentence } from "@/words";
import { useFound } from "../../outing/use-outing";
import { SumText } from "./SumText";

/** What was asked of the depth and what is sharp, a press away from its sum; what is sharp without end has none. */
export function DepthSaid({ tone }: { tone?: Tone }) {
  const depth = useFound((f) => f.settings.depth);
  const words = depthSentence(depth);
  if (depth.sharp === "unbounded") return <Txt tone={tone}>{words}</Txt>;
  return <SumText of="sharp" title="What is sharp, front to back" words={words} tone={tone} />;
}
