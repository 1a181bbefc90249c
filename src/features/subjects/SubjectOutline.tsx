import { useQuery } from "@tanstack/react-query";
import Svg, { Path } from "react-native-svg";
import { z } from "zod";
import type { StoredSubject } from "@/data";
import { useTokens } from "@/ui/theme/theme";
import { served } from "../store/served";

const byName = z.record(z.string(), z.string());
const outlinesSchema = z.object({ bodies: byName, subjects: byName, figures: byName });

/** The outlines of all bodies, a file that ships beside the application: whoever draws them needs none of the bodies themselves. */
async function loadOutlines(): Promise<z.infer<typeof outlinesSchema>> {
  const answer = await fetch(served("/outlines.json"));
  return outlinesSchema.parse(await answer.json());
}

interface Props {
  /** Of the library, or one's own; nothing is drawn of none. */
  readonly subject: Pick<StoredSubject, "id" | "like" | "figure"> | undefined;
  readonly size: number;
}

/** The path of a subject's outline, standing on the lower edge of a box of 100; nothing until the file has come, or where it has none. */
export function useOutline(subject: Props["subject"]): string | undefined {
  const { data } = useQuery({ queryKey: ["outlines"], queryFn: loadOutlines });
  return data && subject && outlineOf(subject, data);
}

/** A subject as an outline; its room is there from the start, and stays empty where the file cannot be had. */
export function SubjectOutline({ subject, size }: Props) {
  const { ink } = useTokens();
  const path = useOutline(subject);
  return (
    <Svg width={size} height={size} viewBox="-2 -2 104 104" aria-hidden>
      {path && <Path d={path} fill={ink} fillRule="evenodd" />}
    </Svg>
  );
}

function outlineOf(
  { id, like = "", figure = "standing" }: NonNullable<Props["subject"]>,
  { bodies, subjects, figures }: z.infer<typeof outlinesSchema>,
): string | undefined {
  return bodies[subjects[id] ?? subjects[like] ?? figures[figure] ?? ""];
}
