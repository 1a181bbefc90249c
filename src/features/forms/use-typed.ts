import { useState } from "react";
import { recallText, rememberText } from "./draft";

/**
 * Text that is typed and not kept yet, under a name of its own: a closed dialog, another stage, a reload and the end of the tab leave
 * it until it is forgotten. Another name is another text; a text that is what the field began with is none.
 */
export function useTyped(
  name: string,
  begins = "",
): readonly [text: string, type: (text: string) => void, forget: () => void] {
  const [held, setHeld] = useState<{ readonly name: string; readonly text: string | undefined }>();
  const typed = held?.name === name ? held.text : recallText(localStorage, name);
  const hold = (text: string | undefined): void => {
    setHeld({ name, text });
    rememberText(localStorage, name, text);
  };
  return [typed ?? begins, (next) => hold(next === begins ? undefined : next), () => hold(undefined)];
}
