import { useState } from "react";
import { fileNameOf, type Outing } from "@/data";
import { View } from "react-native";
import { wayBetween } from "@/answers/plan/way";
import { planSheet, planSvg, type SheetList } from "@/outing/plan-file";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { metresWords } from "@/words";
import { cautionSentence } from "@/words/cautions";
import { useOuting } from "../../../outing/use-outing";
import { downloadBlob, downloadText } from "../../../store/file-transfer";
import { printDocument } from "../../../store/print";
import { spanWords } from "../../shot/titles";
import { PLAN_SIZE } from "../drawing/DrawnPlan";
import { LeavesDrawn } from "../drawing/LeavesDrawn";

/** Px of the image for each px of the plan: sharp on paper. */
const SCALE = 2;

type Wanted = "svg" | "png" | "print";

/** The plan as a picture and as a sheet of paper, with its scale, north, date and names. */
export function PlanFiles() {
  const [asked, setAsked] = useState<Wanted>();
  const [fault, setFault] = useState<string>();
  const outing = useOuting((v) => v.outing);
  const onDrawn = async (as: Wanted, left: Outing, inner: string): Promise<void> => {
    setAsked(undefined);
    setFault(undefined);
    const title = left.place === outing.place ? `${left.place}: ${left.name}` : left.name;
    const svg = planSvg({ inner, ...PLAN_SIZE }, { title, under: spanWords(left) });
    if (as === "svg") downloadText(fileNameOf(left, "plan.svg"), svg, "image/svg+xml");
    else if (as === "print") printDocument(planSheet(svg, title, listsOf(left)));
    else
      await pngOf(svg).then(
        (png) => downloadBlob(fileNameOf(left, "plan.png"), png),
        () => setFault("This browser could not make an image of the plan. The SVG holds the same."),
      );
  };
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Plan as SVG" onPress={() => setAsked("svg")} />
        <Button label="Plan as PNG" onPress={() => setAsked("png")} />
        <Button label="Print the plan" onPress={() => setAsked("print")} />
      </View>
      {fault && <Txt tone="bracken">{fault}</Txt>}
      {asked && (
        <LeavesDrawn
          outing={outing}
          kind="ground"
          action={asked === "print" ? "Print the plan" : "Write the file"}
          onDrawn={(_, left, inner) => void onDrawn(asked, left, inner)}
          onClose={() => setAsked(undefined)}
        />
      )}
    </View>
  );
}

/** What is written to the plan: where one stands for what, and what to mind. */
function listsOf(outing: Outing): SheetList[] {
  const { positions, spots } = outing.ground;
  const spot =
    spots.find((s) => s.id === outing.shots.find((shot) => shot.id === outing.shotId)?.spotId) ?? spots[0]!;
  const shotsFrom = (id: string): string =>
    outing.choices
      .filter((c) => c.positionId === id)
      .map((c) => outing.shots.find((s) => s.id === c.shotId)?.name)
      .join(", ");
  return [
    {
      title: "Positions",
      lines: positions.map((p) =>
        [
          `${p.name}: lens at ${metresWords(p.lensHeight)}, ${metresWords(wayBetween(p.at, spot.at).metres)} from ${spot.name}`,
          shotsFrom(p.id),
        ]
          .filter(Boolean)
          .join("; for "),
      ),
    },
    {
      title: "Spots",
      lines: spots.map((s) => [s.name, s.happens].filter(Boolean).join(": ")),
    },
    { title: "Mind", lines: outing.cautions.map(cautionSentence) },
  ];
}

async function pngOf(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = image.width * SCALE;
  canvas.height = image.height * SCALE;
  canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no image"))), "image/png");
  });
}
