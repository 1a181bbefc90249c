import { useState } from "react";
import { ScrollView, View } from "react-native";
import type { Assessment } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useWide } from "@/ui/layout/useWide";
import { evWords, lightSideWords, percentWords } from "@/words";
import { Judgements } from "../stage/Judgements";
import { useOuting } from "../stage/outing-context";
import { OutingStrip } from "../stage/OutingStrip";
import { Reasons } from "../stage/Reasons";
import { ShotInHand, NoPlace } from "../stage/ShotInHand";
import { StageFrame } from "../stage/StageFrame";
import { BlurSection } from "./BlurSection";
import { LightSection } from "./LightSection";
import { KitSection } from "../stage/KitSection";
import { LedgerSection, WaysSection } from "./LedgerSection";
import { Rails } from "./Rails";

/** Expose: which settings follow from the light and the movement, and what stands behind each of them. */
export function ExposeScreen() {
  const wide = useWide();
  const { inHand } = useOuting();
  const found = inHand?.ok ? inHand : undefined;
  return (
    <StageFrame stage="expose">
      {wide ? <WideExpose found={found} /> : <PhoneExpose found={found} />}
    </StageFrame>
  );
}

function PhoneExpose({ found }: { found: Assessment | undefined }) {
  return (
    <View className="min-h-0 flex-1">
      <ScrollView className="flex-1" contentContainerClassName="gap-5 px-4 pb-6">
        <ExposeHead found={found} />
        {found && <Rails found={found} />}
        {found && <WaysSection found={found} />}
        {found && <BlurSection found={found} />}
        {found && <LightSection found={found} />}
        {found && <LedgerSection found={found} />}
        {found && <Why found={found} />}
        <KitSection found={found} />
      </ScrollView>
      <OutingStrip folded />
    </View>
  );
}

function WideExpose({ found }: { found: Assessment | undefined }) {
  return (
    <View className="min-h-0 flex-1 flex-row">
      <ScrollView className="flex-1" contentContainerClassName="gap-6 p-6">
        <ExposeHead found={found} />
        {found && <Rails found={found} />}
        <KitSection found={found} />
      </ScrollView>
      <View className="w-[412px] border-l border-line bg-sheet">
        <ScrollView className="flex-1" contentContainerClassName="gap-6 p-5">
          {found && <WaysSection found={found} />}
          {found && <BlurSection found={found} />}
          {found && <LightSection found={found} />}
          {found && <LedgerSection found={found} />}
          {found && <Why found={found} />}
        </ScrollView>
        <OutingStrip folded={false} />
      </View>
    </View>
  );
}

function ExposeHead({ found }: { found: Assessment | undefined }) {
  if (!found) return <NoPlace />;
  const { light } = found;
  const side = lightSideWords(light);
  const lamps = light.lux.lamps / light.lux.total;
  const from = lamps > 0.05 && lamps < 0.95 ? `${percentWords(lamps)} from lamps` : side.value;
  return (
    <View className="gap-1">
      <ShotInHand />
      <Txt tone="ink2">{`${evWords(light.ev.value)} on the subject, ${from}`}</Txt>
    </View>
  );
}

/** The reasons behind shutter, aperture and ISO, opened on demand. */
function Why({ found }: { found: Assessment }) {
  const [open, setOpen] = useState(false);
  const { because } = found.settings;
  return (
    <View className="gap-3">
      <Judgements items={found.judgement} />
      <Button label={open ? "Hide the reasons" : "Why these settings"} onPress={() => setOpen(!open)} />
      {open && (
        <>
          <Reasons title="Shutter" because={because.shutter.because} />
          <Reasons title="Aperture" because={because.aperture.because} />
          <Reasons title="ISO" because={because.iso.because} />
        </>
      )}
    </View>
  );
}
