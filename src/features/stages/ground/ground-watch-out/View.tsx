import { useFound } from "../../../outing/use-outing";
import { Judgements } from "../../reasons/Judgements";

/** What is to be watched here short of a veto, which the figures say. */
export function WatchHere() {
  const judgement = useFound((found) => found.judgement);
  return <Judgements items={judgement.filter((j) => j.weight !== "veto")} />;
}
