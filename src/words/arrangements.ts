/** What was found out and agreed. */
interface Agreed {
  readonly size?: string;
  readonly active?: string;
  readonly guides?: string;
  readonly flash?: "not-asked" | "allowed" | "forbidden";
  readonly silent?: boolean;
  readonly rules?: string;
  readonly pass?: string;
  readonly contacts?: string;
}

const FLASH = { "not-asked": "", allowed: "Flash is allowed.", forbidden: "No flash." } as const;

/** The arrangements as lines, those that hold a rule first. */
export const arrangementLines = (a: Agreed): string[] =>
  [
    FLASH[a.flash ?? "not-asked"],
    a.silent ? "Silent shutter." : "",
    a.rules ?? "",
    a.pass && `Pass: ${a.pass}`,
    a.contacts && `Contacts: ${a.contacts}`,
    a.guides && `Guide: ${a.guides}`,
    a.size && `How big: ${a.size}`,
    a.active && `Active: ${a.active}`,
  ].filter((line): line is string => Boolean(line));

/** By when one is in place and when one leaves. */
export const inPlaceSentence = (why: "before-light" | "walk-round", at: string, until: string): string =>
  why === "before-light"
    ? `Be in the hide by ${at}, before the first light, and stay until the animals have gone; leave by ${until}.`
    : `Be there by ${at} to walk the ground and fetch the lists; leave by ${until}.`;
