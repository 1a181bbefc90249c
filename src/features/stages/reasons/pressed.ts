import type { Explained, Where } from "@/answers/explain/explain";
import type { PanelSum } from "@/answers/panel-sums";
import type { Shown } from "@/answers/explain/pictured";

/** What is pressed: a figure of a picture, or of a panel, by its name. */
export type Pressed = Explained | PanelSum;

/** A picture, or where one is taken. */
export type At = Where | Shown;
