import { useFound } from "../../../outing/use-outing";
import { Judgements } from "../../reasons/Judgements";

/** What speaks against the picture, before anything is set. */
export function WatchOut() {
  return <Judgements items={useFound((found) => found.judgement)} />;
}
