import type { ReactNode } from "react";
import { Pressable } from "react-native";
import { Txt } from "./Txt";

interface Props {
  readonly label: string;
  readonly onPress: () => void;
  readonly kind?: "filled" | "outlined" | "plain" | "danger";
  readonly disabled?: boolean;
  /** Said instead of the label to a screen reader, where the label alone is too short. */
  readonly says?: string;
  /** Set for a press that shows and hides something. */
  readonly expanded?: boolean;
  readonly className?: string;
}

const BOX = {
  filled: "bg-water border-water",
  outlined: "border-water",
  plain: "border-transparent",
  danger: "border-bracken",
};
const TONE = { filled: "onWater", outlined: "water", plain: "water", danger: "bracken" } as const;

/** A press that does something; at least 48 px in both directions. */
export function Button({
  label,
  onPress,
  kind = "outlined",
  disabled,
  says,
  expanded,
  className = "",
}: Props) {
  return (
    <Pressable
      role="button"
      aria-label={says ?? label}
      aria-disabled={disabled}
      aria-expanded={expanded}
      disabled={disabled}
      onPress={onPress}
      className={`min-h-12 min-w-12 items-center justify-center rounded-xl border-2 px-4 py-2 active:opacity-70 ${BOX[kind]} ${disabled ? "opacity-50" : ""} ${className}`}
    >
      <Txt weight={600} tone={TONE[kind]} className="text-center">
        {label}
      </Txt>
    </Pressable>
  );
}

interface IconProps {
  readonly label: string;
  readonly onPress: () => void;
  readonly children: ReactNode;
  readonly className?: string;
}

/** A press with a drawing instead of a word; the word is said. */
export function IconButton({ label, onPress, children, className = "" }: IconProps) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className={`h-12 w-12 items-center justify-center rounded-full active:opacity-70 ${className}`}
    >
      {children}
    </Pressable>
  );
}
