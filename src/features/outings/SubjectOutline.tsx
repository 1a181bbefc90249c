import { useQuery } from "@tanstack/react-query";
import Svg, { Path } from "react-native-svg";
import { z } from "zod";
import type { Outing } from "@/data";
import { useTokens } from "@/ui/theme/theme";

const byName = z.record(z.string(), z.string());
const outlinesSchema = z.object({ bodies: byName, subjects: byName, figures: byName });
type Outlines = z.infer<typeof outlinesSchema>;

/** The outlines of all bodies, a file that ships beside the application: the list needs none of the bodies themselves. */
async function loadOutlines(): Promise<Outlines> {
  const answer = await fetch("/outlines.json");
  return outlinesSchema.parse(await answer.json());
}

/** The outline of whom the first promised shot is of; nothing while the file is not there, or nothing was promised. */
export function outlineFor(
  outing: Pick<Outing, "shots" | "subjects">,
  outlines: Outlines,
): string | undefined {
  const subject = outing.subjects.find((s) => s.id === outing.shots[0]?.subjectId);
  if (!subject) return undefined;
  const { subjects, figures } = outlines;
  const body = subjects[subject.id] ?? subjects[subject.like ?? ""] ?? figures[subject.figure ?? "standing"];
  return outlines.bodies[body ?? ""];
}

/** Whom an outing is about, drawn as an outline; the row has its room from the start. */
export function SubjectOutline({ outing, size }: { outing: Outing; size: number }) {
  const { data } = useQuery({ queryKey: ["outlines"], queryFn: loadOutlines });
  const { ink } = useTokens();
  const path = data && outlineFor(outing, data);
  return (
    <Svg width={size} height={size} viewBox="-2 -2 104 104" aria-hidden>
      {path && <Path d={path} fill={ink} fillRule="evenodd" />}
    </Svg>
  );
}
