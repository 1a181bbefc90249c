import { counted } from "@/answers/review/keepers";
import type { OutingView } from "@/outing/outing-view";
import { keepersSentence } from "@/words";

// The line of a panel that is loaded when it is first seen: it stands here, so that saying it loads nothing.

/** The slowest shutter that keeps half, over what was counted. */
export const countedAnswer = (view: OutingView): string =>
  view.outing.log.length === 0 ? "nothing counted yet" : keepersSentence(counted(view).slowest);
