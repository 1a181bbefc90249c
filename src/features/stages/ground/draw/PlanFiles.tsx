import { useEffect, useRef, useState } from "react";
import { fileNameOf, type Outing } from "@/data";
import { View } from "react-native";
import Svg from "react-native-svg";
import { wayBetween } from "@/answers/plan/way";
import { planSheet, planSvg, type SheetList } from "@/outing/plan-file";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { fitView } from "@/ui/plan/view";
import { DrawnIn } from "@/ui/theme/theme";
import { metresWords } from "@/words";
import { cautionSentence } from "@/words/cautions";
import { Leaving } from "../../../leaving/Leaving";
import { LookedAt } from "../../../outing/LookedAt";
import { useOuting } from "../../../outing/use-outing";
import { downloadBlob, downloadText } from "../../../store/file-transfer";
import { printDocument } from "../../../store/print";
import { spanWords } from "../../shot/titles";
import { Grass, Lit, Names, Standing, SunShadows } from "../drawing/GroundDrawing";
import { SheetMarks } from "../drawing/SheetMarks";
import { everything } from "../drawing/use-ground-view";

const SIZE = { width: 760, height: 860 };
const MARGINS = { left: 40, right: 56, top: 48, bottom: 48 };
/** Px of the image for each px of the plan: sharp on paper. */
const SCALE = 2;

type Wanted = "svg" | "png" | "print";

/** The plan as a picture and as a sheet of paper, with its scale, north, date and names. */
export function PlanFiles() {
  const [asked, setAsked] = useState<Wanted>();
  const [wanted, setWanted] = useState<{ readonly as: Wanted; readonly left: Outing }>();
  const [fault, setFault] = useState<string>();
  const outing = useOuting((v) => v.outing);
  const onDrawn = async ({ as, left }: NonNullable<typeof wanted>, inner: string): Promise<void> => {
    setWanted(undefined);
    setFault(undefined);
    const title = left.place === outing.place ? `${left.place}: ${left.name}` : left.name;
    const svg = planSvg({ inner, ...SIZE }, { title, under: spanWords(left) });
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
        <Leaving
          outing={outing}
          kind="ground"
          action={asked === "print" ? "Print the plan" : "Write the file"}
          onLeave={(_, left) => {
            setAsked(undefined);
            setWanted({ as: asked, left });
          }}
          onClose={() => setAsked(undefined)}
        />
      )}
      {wanted && (
        <LookedAt outing={wanted.left}>
          <Drawn onDrawn={(inner) => void onDrawn(wanted, inner)} />
        </LookedAt>
      )}
    </View>
  );
}

/** The whole ground drawn by day out of sight, handed over once it stands. */
function Drawn({ onDrawn }: { onDrawn: (inner: string) => void }) {
  const outing = useOuting((v) => v.outing);
  const box = useRef<View>(null);
  const view = fitView(everything(outing.ground), SIZE, outing.ground.venue.bearing, MARGINS);
  useEffect(() => {
    const svg = (box.current as unknown as HTMLElement | null)?.querySelector("svg");
    // As XML: the markup of a page has names for signs that an SVG reader does not know.
    const xml = new XMLSerializer();
    if (svg) onDrawn([...svg.childNodes].map((node) => xml.serializeToString(node)).join(""));
    // Once: it is taken away as soon as it is handed over.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <View ref={box} aria-hidden style={{ display: "none" }}>
      <DrawnIn theme="day">
        <Svg width={view.width} height={view.height}>
          <Grass view={view} />
          <SunShadows view={view} />
          <Standing view={view} />
          <Lit view={view} />
          <Names view={view} />
          <SheetMarks view={view} />
        </Svg>
      </DrawnIn>
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
