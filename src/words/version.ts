/** The version that this is, and what is new in it, in five lines. */
export const VERSION = "0.2.0";
export const NEW_IN_IT: readonly string[] = [
  "Four questions, a press each, give a card in plain words from a first visit on.",
  "Ask anything: a field on every screen finds panels, words, subjects and outings by what you ask.",
  "Whatever is photographed has a body: in the picture, on the plan, on the list, in the sharp zone.",
  "Onto the phone: a code for its camera holds the outing, or it lies on the server for one fetch.",
  "An outing shows what its shot needs; the rest is one press further, by its question.",
];
