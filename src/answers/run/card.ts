import type { Rail, Settings } from "@/core/exposure";
import type { Assessment, Automatic } from "@/core/judge";
import { kept } from "@/outing/kept";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";
import { automaticOf } from "../shot/automatic";

/** One line of a card: what is set, and what was done to it. */
export interface CardLine {
  readonly rail: Rail;
  /** The click that the camera shows; with an automatic ISO the one that it will choose. */
  readonly click: number;
  /** Whether it is held by hand, or left to the body. */
  readonly by: "light" | "held" | "body";
  /** Clicks of it that were given up because the light is short, 0 or more. */
  readonly givenUp: number;
  /** Whether it stands outside what shot, kit or owner allow, and nobody gave that up. */
  readonly past: boolean;
}

/** A field card: three lines, and what belongs to the ISO. */
export interface FieldCard {
  readonly lines: readonly CardLine[];
  /** Clicks of compensation on the camera, where the ISO is left to it. */
  readonly compensation?: number;
  /** Clicks by which the body's meter makes it too bright (+) or too dark (−), and the compensation that mends it; absent within a click. */
  readonly misled?: { readonly clicks: number; readonly set: number };
  /** Clicks of underexposure to push later, 0 or more. */
  readonly push: number;
}

const RAILS: readonly Rail[] = ["shutter", "aperture", "iso"];

/** The card of a picture; with an automatic ISO, what that will choose. */
function cardOf(found: Assessment, automatic?: Automatic, compensation?: number): FieldCard {
  const iso = automatic?.iso;
  const { settings, rails, taken } = found.settings;
  const givenUp = (kind: Rail): number => taken.find((t) => t.kind === kind)?.clicks ?? 0;
  return {
    lines: RAILS.map((rail): CardLine => {
      const byBody = rail === "iso" && iso !== undefined;
      return {
        rail,
        click: byBody ? iso : settings[rail],
        by: byBody ? "body" : rails[rail].locked ? "held" : "light",
        givenUp: givenUp(rail),
        past: rails[rail].standing !== "inside" && givenUp(rail) === 0,
      };
    }),
    ...(compensation === undefined ? {} : { compensation }),
    ...(automatic && Math.abs(automatic.pictureOff) > 1
      ? { misled: { clicks: automatic.pictureOff, set: automatic.advised } }
      : {}),
    push: taken.find((t) => t.kind === "lift")?.clicks ?? 0,
  };
}

/** The field card of the shot in hand; nothing while there is no picture. */
export const fieldCard = answered(
  (view) => [view.found, automaticOf(view), view.choice.automatic?.compensation] as const,
  (found, automatic, compensation): FieldCard | undefined =>
    found && cardOf(found, automatic, automatic && compensation),
);

/** What a card says is set. */
export const settingsOfCard = ({ lines }: FieldCard): Settings => {
  const [shutter, aperture, iso] = lines.map((l) => l.click);
  return { shutter: shutter!, aperture: aperture!, iso: iso! };
};

/** The card of another shot with its own kit, from where one stands. */
export const cardBeside = (view: OutingView, shotId: string): FieldCard | undefined => {
  const found = view.besides(shotId);
  return found?.ok ? plainCard(found) : undefined;
};

/** Cards of other bodies, one for each picture. */
const plainCard = kept(4, (found: Assessment) => cardOf(found));
