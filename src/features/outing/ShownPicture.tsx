import { useEffect, useRef } from "react";
import { useThemeName } from "@/ui/theme/theme";
import type { RenderedPicture } from "@/workers/long-work";

/** In a hide the screen gives no white light: the picture is dim and of the theme's one hue there. */
const IN_THE_DARK = { filter: "grayscale(1) sepia(1) saturate(2.2) brightness(0.45)" };

/** A picture that was made beside the page, so many px wide. */
export function ShownPicture({
  picture,
  width,
  label,
}: {
  picture: RenderedPicture;
  width: number;
  label: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const theme = useThemeName();
  useEffect(() => {
    const context = canvas.current?.getContext("2d");
    if (!context) return;
    const image = context.createImageData(picture.width, picture.height);
    image.data.set(picture.bytes);
    context.putImageData(image, 0, 0);
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      width={picture.width}
      height={picture.height}
      style={{
        width,
        height: (width * picture.height) / picture.width,
        display: "block",
        borderRadius: 6,
        ...(theme === "hide" && IN_THE_DARK),
      }}
    />
  );
}
