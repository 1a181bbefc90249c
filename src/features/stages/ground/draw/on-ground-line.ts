import type { OutingView } from "@/outing/outing-view";
import { countWords } from "@/words";

/** What stands and lies there, counted. */
export const onGroundAnswer = ({ outing: { ground } }: OutingView): string =>
  `${countWords(ground.obstacles.length, "thing")}, ${countWords(ground.areas.length, "area")}`;
