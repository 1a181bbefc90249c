import { useMemo } from "react";
import { View } from "react-native";
import { lensOf } from "@/core/ground";
import { meshBetween, meshFound, meshLight, type AssessInput, type Assessment } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { lightPlanOf } from "@/data";
import { Txt } from "@/ui/controls/Txt";
import { fNumberWords, metresWords } from "@/words";
import { meshHereSentence, meshSunSentence, postShadeSentence } from "@/words/sight";
import { useFound, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** The netting one looks through: how near, which aperture, the sun on it by the hour, the shade of its posts. */
export function ThroughMesh() {
  const input = useFound((_, v) => v.input);
  const found = useFound((f) => f);
  return input ? <Mesh input={input} found={found} /> : null;
}

/** Milliseconds between two looks at the sun on the mesh. */
const QUARTER = 15 * 60_000;

function Mesh({ input, found }: { input: AssessInput; found: Assessment }) {
  const mesh = meshFound(input, found);
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const at = useOuting((v) => v.at);
  const { ground } = outing;
  const { position, shot } = input;
  const course = useMemo(() => {
    const between = meshBetween(input);
    if (!between) return [];
    const plan = lightPlanOf(outing);
    const count = Math.ceil((window.until - window.from) / QUARTER);
    const scenes = Array.from({ length: count + 1 }, (_, i) =>
      sceneAt(ground, plan, window.from + i * QUARTER),
    );
    return meshLight(between, lensOf(ground, position), scenes);
    // The minute is no part of it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [outing, window, position, shot, ground]);
  if (!mesh) return null;
  const now = course.findLast((c) => c.at <= at) ?? course[0];
  const sunny = stretchesOf(course).map(
    ({ from, until }) => `${wallOf({ outing }, from)} to ${wallOf({ outing }, until)}`,
  );
  const name = ground.obstacles.find((o) => o.id === mesh.obstacleId)?.name ?? "The mesh";
  return (
    <View className="gap-2">
      <Txt weight={600}>{meshHereSentence(name, mesh)}</Txt>
      <Txt>
        {mesh.goneWithin > 0.02
          ? `At this aperture its wires are gone within ${metresWords(mesh.goneWithin)} of it.`
          : "At this aperture no nearness makes its wires go: open up or go longer."}
      </Txt>
      <Txt>
        {mesh.goneUpTo === undefined
          ? "From here no aperture of this lens makes them go."
          : `From here they are gone up to ${fNumberWords(mesh.goneUpTo)}.`}
      </Txt>
      <Txt>{meshSunSentence(sunny)}</Txt>
      {now?.shade && <Txt>{postShadeSentence(now.shade)}</Txt>}
      <Txt size={14} tone="ink2">
        The lens on the mesh, no nearer to balls than the officials let you: a mesh gives way when it is hit.
      </Txt>
    </View>
  );
}

/** The stretches in which the sun is on the mesh. */
function stretchesOf(course: ReturnType<typeof meshLight>): { from: number; until: number }[] {
  const found: { from: number; until: number }[] = [];
  let open: { from: number; until: number } | undefined;
  for (const { at, sunOn } of course) {
    if (!sunOn) {
      open = undefined;
      continue;
    }
    if (open) open.until = at;
    else found.push((open = { from: at, until: at }));
  }
  return found;
}
