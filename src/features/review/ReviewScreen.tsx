import { useState } from "react";
import { ScrollView, View } from "react-native";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useWide } from "@/ui/layout/useWide";
import { editOuting } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";
import { ShotInHand } from "../stage/ShotInHand";
import { StageFrame } from "../stage/StageFrame";
import { Counted } from "./Counted";
import { CountForm } from "./CountForm";
import { Readings } from "./Readings";

/** Review: what came out, which settings gave keepers, what the light of the place was. */
export function ReviewScreen() {
  const wide = useWide();
  return (
    <StageFrame stage="review">
      {wide ? (
        <View className="min-h-0 flex-1 flex-row">
          <ScrollView className="flex-1" contentContainerClassName="gap-6 p-6">
            <Counted />
            <Readings />
          </ScrollView>
          <View className="w-[412px] border-l border-line bg-sheet">
            <ScrollView className="flex-1" contentContainerClassName="gap-6 p-5">
              <ShotInHand />
              <CountForm />
              <Notes />
            </ScrollView>
          </View>
        </View>
      ) : (
        <ScrollView className="flex-1" contentContainerClassName="gap-6 px-4 pb-8">
          <ShotInHand />
          <CountForm />
          <Counted />
          <Readings />
          <Notes />
        </ScrollView>
      )}
    </StageFrame>
  );
}

const MOST = 4000;

/** What to know next time; kept on leaving the field. */
function Notes() {
  const { outing, change } = useOuting();
  const [draft, setDraft] = useState<string>();
  const text = draft ?? outing.notes;
  const long = text.length > MOST;
  return (
    <View className="gap-1">
      <TextField
        label="For next time"
        value={text}
        lines={5}
        onChange={setDraft}
        onBlur={() => {
          if (draft === undefined || long) return;
          change(editOuting({ notes: draft.trim() }));
          setDraft(undefined);
        }}
        error={long ? `At most ${MOST} characters; ${text.length - MOST} too many.` : undefined}
      />
      {draft !== undefined && (
        <Txt size={14} tone="ink2">
          Saved when you leave the field.
        </Txt>
      )}
    </View>
  );
}
