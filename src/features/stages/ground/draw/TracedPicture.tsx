import { Image } from "react-native-svg";
import { toScreen, type PlanView } from "@/ui/plan/view";
import { useTraced } from "./use-traced";

/** The picture that is traced over, to scale under what is drawn. */
export function TracedPicture({ view }: { view: PlanView }) {
  const { picture, href } = useTraced();
  if (!picture || !href) return null;
  const { lie, width, height, name } = picture;
  const { left, top } = toScreen(view, lie.at);
  const scale = lie.metresPerPx * view.pxPerMetre;
  return (
    <Image
      href={href}
      x={left - (width * scale) / 2}
      y={top - (height * scale) / 2}
      width={width * scale}
      height={height * scale}
      preserveAspectRatio="none"
      opacity={lie.shows}
      rotation={lie.bearing - view.up}
      origin={`${left}, ${top}`}
      aria-label={`Traced over: ${name}`}
    />
  );
}
