import { type Panel, whenSeen } from "../../screen/panel";
import type { JudgementOf } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { metresWords } from "@/words";

/** What a netting in the line of sight does, if there is one. */
const meshIn = ({ found }: OutingView): JudgementOf<"through-mesh"> | undefined =>
  found?.judgement.find((j): j is JudgementOf<"through-mesh"> => j.code === "through-mesh");

export const meshPanel: Panel = {
  id: "mesh",
  title: "Through the mesh",
  phone: "open",
  wide: "open",
  when: (view) => meshIn(view) !== undefined,
  answer: (view) => {
    const mesh = meshIn(view);
    return mesh ? `${mesh.structure}, ${metresWords(mesh.numbers.away)} ahead` : "";
  },
  load: whenSeen(async () => (await import("./View")).ThroughMesh),
};
