/** The face that is asked for on paper, and what the reader's machine has in its place. */
export const FAMILY = "'Atkinson Hyperlegible Next', Verdana, Arial, sans-serif";

const ENTITIES: Readonly<Record<string, string>> = { "&": "&amp;", "<": "&lt;", ">": "&gt;", '"': "&quot;" };

/** Text as it stands in XML and HTML. */
export const escaped = (text: string): string => text.replace(/[&<>"]/g, (sign) => ENTITIES[sign]!);
