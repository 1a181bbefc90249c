import { Text, type TextProps } from "react-native";

const SIZES = {
  14: "text-[14px] leading-[18px]",
  16: "text-[16px] leading-[22px]",
  20: "text-[20px] leading-[26px]",
  32: "text-[32px] leading-[38px]",
  56: "text-[56px] leading-[60px]",
  64: "text-[64px] leading-[68px]",
} as const;

const WEIGHTS = { 400: "font-text", 600: "font-semi", 700: "font-bold" } as const;

const TONES = {
  ink: "text-ink",
  ink2: "text-ink2",
  water: "text-water",
  onWater: "text-onWater",
  bracken: "text-bracken",
  moss: "text-moss",
} as const;

/** Of words that a press opens: a dotted line in the tone of lines. */
export const OPENS = "underline decoration-line decoration-dotted decoration-2 underline-offset-4";

export type Tone = keyof typeof TONES;

export interface TxtProps extends TextProps {
  readonly size?: keyof typeof SIZES;
  readonly weight?: keyof typeof WEIGHTS;
  readonly tone?: Tone;
  readonly className?: string;
}

/** All words of the interface: one family made for legibility in four sizes (labels, text, headings with what leads a
 * panel, figures of settings as large as their room: 64 or 56 on the card, 32 beside a rail), figures of one width. */
export function Txt({ size = 16, weight = 400, tone = "ink", className = "", ...rest }: TxtProps) {
  return (
    <Text
      className={`tabular-nums ${SIZES[size]} ${WEIGHTS[weight]} ${TONES[tone]} ${className}`}
      {...rest}
    />
  );
}
