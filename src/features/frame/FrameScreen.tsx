import { useMemo } from "react";
import { ScrollView, useWindowDimensions, View } from "react-native";
import { frameView, type AssessInput, type Assessment, type FrameView } from "@/core/judge";
import { heldSidesMm } from "@/core/optics";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/useSize";
import { useWide } from "@/ui/layout/useWide";
import { backgroundWords, focalWords, metresWords, percentWords, softnessSentence } from "@/words";
import { KitSection } from "../stage/KitSection";
import { Judgements } from "../stage/Judgements";
import { useOuting } from "../stage/outing-context";
import { OutingStrip } from "../stage/OutingStrip";
import { NoPlace, ShotInHand } from "../stage/ShotInHand";
import { StageFrame } from "../stage/StageFrame";
import { DepthRuler } from "./DepthRuler";
import { FrameDrawing, wantedHeight } from "./FrameDrawing";
import { LensTable } from "./LensTable";

/** Frame: how large the subject is with the lenses one owns, what crop is left, what is sharp, what lies behind. */
export function FrameScreen() {
  const wide = useWide();
  const { inHand, input } = useOuting();
  const seen = useMemo<Seen | undefined>(
    () => (inHand?.ok && input ? { input, found: inHand, view: frameView(input, inHand) } : undefined),
    [inHand, input],
  );
  return (
    <StageFrame stage="frame">{wide ? <WideFrame seen={seen} /> : <PhoneFrame seen={seen} />}</StageFrame>
  );
}

interface Seen {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly view: FrameView;
}

/** Px of height beyond which a frame would push its figures out of sight. */
const MOST_TALL = 430;

const aspectOf = ({ input }: Seen): number => {
  const { across, up } = heldSidesMm(input.rig.body.format, input.shot.orientation);
  return across / up;
};

function PhoneFrame({ seen }: { seen: Seen | undefined }) {
  const { width } = useWindowDimensions();
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-4 pb-6">
        <View className="px-4">{seen ? <Head {...seen} /> : <NoPlace />}</View>
        {seen && (
          <View style={{ height: Math.min(MOST_TALL, wantedHeight(width, aspectOf(seen))) }}>
            <Picture {...seen} />
          </View>
        )}
        <View className="gap-6 px-4">
          {seen && <Depth {...seen} />}
          <LensTable />
          <KitSection found={seen?.found} />
        </View>
      </ScrollView>
      <OutingStrip folded />
    </View>
  );
}

function WideFrame({ seen }: { seen: Seen | undefined }) {
  return (
    <View className="min-h-0 flex-1 flex-row">
      <View className="min-w-0 flex-1 p-4">
        {seen ? <Head {...seen} /> : <NoPlace />}
        {seen && (
          <>
            <View className="min-h-0 flex-1">
              <Picture {...seen} />
            </View>
            <Depth {...seen} />
          </>
        )}
      </View>
      <View className="w-[412px] border-l border-line bg-sheet">
        <ScrollView className="flex-1" contentContainerClassName="gap-6 p-5">
          <LensTable />
          <KitSection found={seen?.found} />
        </ScrollView>
        <OutingStrip folded={false} />
      </View>
    </View>
  );
}

function Head({ found }: Seen) {
  const { frame } = found.sighting;
  const said = found.judgement.filter((j) => FRAMING.includes(j.code));
  return (
    <View className="gap-1">
      <ShotInHand />
      <Txt tone="ink2">
        {`${focalWords(frame.focalLengthMm)} from ${metresWords(found.sighting.distance.value)}: the frame is ${metresWords(frame.frameAcross)} by ${metresWords(frame.frameUp)} there.`}
      </Txt>
      <Judgements items={said} />
    </View>
  );
}

/** What is said beside the picture; light and movement have stages of their own. */
const FRAMING = [
  "blocked",
  "out-of-reach",
  "does-not-fit",
  "pixels-short",
  "background-busy",
  "sun-in-frame",
];

function Picture({ input, found, view }: Seen) {
  const [size, onLayout] = useSize();
  return (
    <View className="flex-1" onLayout={onLayout}>
      {size && <FrameDrawing size={size} view={view} input={input} found={found} />}
    </View>
  );
}

function Depth({ input, found, view }: Seen) {
  return (
    <View className="gap-2">
      <DepthRuler view={view} found={found} />
      <Txt>{softnessSentence(found.sighting.background, backgroundWords(found.sighting.background))}</Txt>
      <Txt tone="ink2">
        {`${percentWords(found.sighting.frame.kept)} of each side is left after the crop: ${found.sighting.frame.keptLongEdgePx} px for ${input.shot.deliveredLongEdgePx} ordered.`}
      </Txt>
    </View>
  );
}
