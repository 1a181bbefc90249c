import { useState } from "react";
import { ScrollView, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { Drawer } from "@/ui/layout/Drawer";
import { useWide } from "@/ui/layout/useWide";
import { cautionSentence, intentWords, noPictureSentence } from "@/words";
import { Figures } from "../stage/Figures";
import { Judgements } from "../stage/Judgements";
import { NotInBag } from "../stage/NotInBag";
import { useOuting } from "../stage/outing-context";
import { OutingStrip } from "../stage/OutingStrip";
import { Reasons } from "../stage/Reasons";
import { ShotList } from "../stage/ShotList";
import { StageFrame } from "../stage/StageFrame";
import { ChangeGround } from "./ChangeGround";
import { CloudField } from "./CloudField";
import { LampsField } from "./LampsField";
import { CompareTable } from "./CompareTable";
import { ASKED_TITLE, groundFigures, type Asked } from "./figures";
import { GroundPlan } from "./GroundPlan";
import { FindPlaces } from "./FindPlaces";
import { PlaceFields } from "./PlaceFields";
import { PlaceSearchProvider } from "./place-search";

/** Ground: where to stand, what each place sees, where the light comes from. */
export function GroundScreen() {
  const wide = useWide();
  return (
    <StageFrame stage="ground">
      <PlaceSearchProvider>{wide ? <WideGround /> : <PhoneGround />}</PlaceSearchProvider>
    </StageFrame>
  );
}

function usePlaceTitle(): string {
  const { outing, shot, choice } = useOuting();
  const place = outing.ground.positions.find((p) => p.id === choice.positionId);
  return place ? `${shot.name} from ${place.name}` : `${shot.name}: no position yet`;
}

function PhoneGround() {
  const title = usePlaceTitle();
  const { live, wall, at } = useOuting();
  const [raised, setRaised] = useState(false);
  const [asked, setAsked] = useState<Asked>();
  const onAsk = (key: string): void => {
    const same = asked === key;
    setAsked(same ? undefined : (key as Asked));
    setRaised(!same);
  };
  const onRaise = (up: boolean): void => {
    setRaised(up);
    setAsked(undefined);
  };
  return (
    <View className="min-h-0 flex-1">
      <GroundPlan close={raised} />
      <Drawer
        title={title}
        note={`${live ? "now" : "planned for"} ${wall(at)}`}
        raised={raised}
        onRaise={onRaise}
        peek={<PlaceFigures asked={asked} onAsk={onAsk} />}
      >
        {asked ? <AskedReasons asked={asked} /> : <PlaceDetails />}
      </Drawer>
      <OutingStrip folded={raised} />
    </View>
  );
}

function WideGround() {
  const { shot, wall, at, live } = useOuting();
  const [asked, setAsked] = useState<Asked>();
  return (
    <View className="min-h-0 flex-1 flex-row">
      <GroundPlan />
      <View className="w-[412px] border-l border-line bg-sheet">
        <ScrollView contentContainerClassName="gap-4 p-5">
          <View>
            <Txt size={20} weight={700} role="heading" aria-level={2}>
              {`${shot.name}, ${live ? "now" : "planned for"} ${wall(at)}`}
            </Txt>
            <Txt tone="ink2">{`${intentWords(shot.intent)}, ${shot.part}, ${shot.orientation}`}</Txt>
          </View>
          <PlaceFigures asked={asked} onAsk={(key) => setAsked(asked === key ? undefined : (key as Asked))} />
          {asked && <AskedReasons asked={asked} />}
          <CompareTable />
          <PlaceDetails wide />
        </ScrollView>
        <OutingStrip folded={false} />
      </View>
    </View>
  );
}

function PlaceFigures({ asked, onAsk }: { asked: Asked | undefined; onAsk: (key: string) => void }) {
  const { inHand, shot } = useOuting();
  if (!inHand) return <Txt>Tap a tag on the plan to stand there.</Txt>;
  if (!inHand.ok) return <Txt tone="bracken">{noPictureSentence(inHand)}</Txt>;
  const veto = inHand.judgement.find((j) => j.weight === "veto");
  return (
    <View className="gap-1">
      <Figures figures={groundFigures(inHand, shot.along).shown} asked={asked} onAsk={onAsk} />
      {veto && <Judgements items={[veto]} />}
      <NotInBag />
    </View>
  );
}

function AskedReasons({ asked }: { asked: Asked }) {
  const { inHand } = useOuting();
  if (!inHand?.ok) return null;
  return <Reasons title={ASKED_TITLE[asked]} because={groundFigures(inHand).because[asked]} />;
}

function PlaceDetails({ wide = false }: { wide?: boolean }) {
  const { inHand, outing } = useOuting();
  return (
    <>
      {inHand?.ok && <Judgements items={inHand.judgement.filter((j) => j.weight !== "veto")} />}
      <PlaceFields />
      <FindPlaces />
      {!outing.light.roof && <CloudField />}
      <LampsField />
      {!wide && <CompareTable />}
      <ShotList />
      <ChangeGround />
      {outing.cautions.slice(0, 2).map((code) => (
        <Txt key={code} size={14} tone="ink2">
          {cautionSentence(code)}
        </Txt>
      ))}
    </>
  );
}
