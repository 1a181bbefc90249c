import type { Explained, Where } from "@/answers/explain/explain";
import type { Figure } from "@/answers/explain/figure";
import type { Shown } from "@/answers/explain/pictured";
import type { OutingView } from "@/outing/outing-view";

/** What is pressed: a figure of a picture by its name, or any other as it is worked out. */
export type Pressed = Explained | ((view: OutingView) => Figure | undefined);

/** A picture, or where one is taken. */
export type At = Where | Shown;
