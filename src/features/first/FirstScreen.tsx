import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import type { SaveFailure } from "@/data";
import {
  FIRST_GROUPS,
  FIRST_KITS,
  firstHour,
  firstKit,
  firstOuting,
  firstSubjects,
  isUnderRoof,
  type FirstAnswers,
} from "@/outing/begin/first-answers";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { matching } from "@/ui/controls/matching";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { savingFailure } from "@/words";
import { timeZoneOf } from "../forms/time-zone-of";
import { HomeFrame } from "../layout/HomeFrame";
import { useMinuteClock } from "../outing/use-minute-clock";
import { useBeginning } from "../store/beginning";
import { useKit } from "../store/kit";
import { useSaveOuting } from "../store/outings";
import { useChangePreferences, usePreferences } from "../store/preferences";
import { SubjectOutline } from "../subjects/SubjectOutline";
import { useSubjectChoice } from "../subjects/use-subjects";
import { Asked } from "./Asked";
import { HallDrawn, SkyDrawn } from "./LightDrawn";
import { Tiles } from "./Tiles";
import { WhenField, whenTyped, type When } from "./WhenField";
import { WhereAsked } from "./WhereAsked";

/** What has been answered so far, in the order in which it is asked. */
interface Answers {
  readonly groupId?: string;
  readonly subjectId?: string;
  readonly isRoofed?: boolean;
  readonly place?: FirstAnswers["place"];
  readonly light?: FirstAnswers["light"];
}

/** Hits of a search that are shown: nobody chooses among more at a glance. */
const MOST_HITS = 8;

const HALLS = [
  { id: "bright", words: "Bright, as on TV", lamps: 5 },
  { id: "ordinary", words: "Ordinary", lamps: 3 },
  { id: "dim", words: "Dim", lamps: 1 },
] as const;

const SKIES = [
  { id: "sun", words: "Sun" },
  { id: "clouds", words: "Sun and clouds" },
  { id: "dull", words: "Dull" },
  { id: "trees", words: "Under trees" },
] as const;

/** What to set, from a first visit on: four questions, a press each, then the field card in plain words. */
export function FirstScreen() {
  const [answers, setAnswers] = useState<readonly Answers[]>([{}]);
  const now = answers.at(-1)!;
  const answer = (more: Answers): void => setAnswers([...answers, { ...now, ...more }]);
  const [when, setWhen] = useState<When>();
  const finish = useFinish();
  const kit = useKit();
  const { begun } = useBeginning();
  // Who has said what they own is not asked again.
  const ownsKit = begun === true && kit.data?.ok === true;
  const settle = (light: FirstAnswers["light"], kitId?: string): void =>
    void finish.make(now, light, when, kitId);
  const onLight = (light: FirstAnswers["light"]): void => (ownsKit ? settle(light) : answer({ light }));
  return (
    <HomeFrame
      place="outings"
      title="What do I set?"
      actions={
        answers.length > 1 ? (
          <Button label="Back a question" onPress={() => setAnswers(answers.slice(0, -1))} />
        ) : undefined
      }
    >
      <View className="gap-4 px-4 pb-6">
        {finish.trouble && (
          <Message
            tone="danger"
            title={savingFailure(finish.trouble).title}
            body="Nothing was begun. Free some space, or allow this site to store data, then press again."
          />
        )}
        <Question
          answers={now}
          answer={answer}
          when={when}
          setWhen={setWhen}
          onLight={onLight}
          onKit={(id) => settle(now.light!, id)}
        />
      </View>
    </HomeFrame>
  );
}

interface QuestionProps {
  readonly answers: Answers;
  readonly answer: (more: Answers) => void;
  readonly when: When | undefined;
  readonly setWhen: (when: When) => void;
  readonly onLight: (light: FirstAnswers["light"]) => void;
  readonly onKit: (id: string) => void;
}

/** The first question that is not answered yet. */
function Question({ answers, answer, when, setWhen, onLight, onKit }: QuestionProps) {
  const { groupId, subjectId, isRoofed, place, light } = answers;
  const clock = useMinuteClock();
  const take = (id: string): void => answer({ subjectId: id, isRoofed: isUnderRoof(id) });
  if (subjectId === undefined)
    return groupId === undefined ? (
      <AskWhat answer={answer} take={take} />
    ) : (
      <AskWhom groupId={groupId} take={take} />
    );
  if (!isRoofed && !place)
    return (
      <WhereAsked onPlace={(found) => answer({ place: found })} onRoof={() => answer({ isRoofed: true })} />
    );
  if (light === undefined) {
    const hour = firstHour(clock, { place, timeZone: timeZoneOf(place?.latitude, place?.longitude) });
    return (
      <Asked title={isRoofed ? "How light is it in there?" : "What is the sky like?"}>
        <Tiles
          label={isRoofed ? "Light in the hall" : "The sky"}
          tiles={
            isRoofed
              ? HALLS.map((h) => ({ ...h, drawing: <HallDrawn lamps={h.lamps} /> }))
              : SKIES.map((s) => ({ ...s, drawing: <SkyDrawn sky={s.id} /> }))
          }
          onChoose={(id) => onLight(id as FirstAnswers["light"])}
        />
        <WhenField isNow={hour.isNow} when={when} onWhen={setWhen} />
        {isRoofed ? (
          <>
            <Txt tone="ink2">
              Not sure? Take the ordinary one. On the card a test shot sets it right: press Too dark or Too
              bright. No flash is counted on: most halls forbid it.
            </Txt>
            <Button
              label="It is in the open"
              kind="plain"
              className="self-start"
              onPress={() => answer({ isRoofed: false })}
            />
          </>
        ) : null}
      </Asked>
    );
  }
  return (
    <Asked title="What do you photograph with?">
      <Tiles
        label="Camera and lens"
        tiles={FIRST_KITS.map(({ id, name }) => ({ id, words: name }))}
        onChoose={onKit}
      />
      <Txt tone="ink2">The nearest will do. Yours is told exactly under Kit.</Txt>
    </Asked>
  );
}

function AskWhat({ answer, take }: { answer: (more: Answers) => void; take: (id: string) => void }) {
  const [typed, setTyped] = useState("");
  const { items } = useSubjectChoice();
  const hits = typed.trim() === "" ? [] : matching(items, typed).slice(0, MOST_HITS);
  return (
    <Asked title="What do you photograph?">
      <View className="flex-row">
        <TextField label="Type it, or choose below" value={typed} onChange={setTyped} />
      </View>
      {typed.trim() === "" ? (
        <Tiles
          label="What do you photograph?"
          tiles={FIRST_GROUPS.map(({ id, name, drawnAs }) => ({
            id,
            words: name,
            drawing: <SubjectOutline subject={{ id: drawnAs }} size={52} />,
          }))}
          onChoose={(groupId) => answer({ groupId })}
        />
      ) : (
        <Tiles
          label="Found"
          tiles={hits.map(({ key, title }) => ({
            id: key,
            words: title,
            drawing: <SubjectOutline subject={{ id: key }} size={52} />,
          }))}
          onChoose={take}
        />
      )}
      {typed.trim() !== "" && hits.length === 0 && (
        <Message
          title="Nothing found"
          body="Try one shorter word, such as runner, bird or ball, or clear the field and choose."
        />
      )}
    </Asked>
  );
}

function AskWhom({ groupId, take }: { groupId: string; take: (id: string) => void }) {
  const group = FIRST_GROUPS.find((g) => g.id === groupId)!;
  return (
    <Asked title={`${group.name}: what above all?`}>
      <Tiles
        label={group.name}
        tiles={firstSubjects(group).map(({ id, name }) => ({
          id,
          words: name,
          drawing: <SubjectOutline subject={{ id }} size={52} />,
        }))}
        onChoose={take}
      />
    </Asked>
  );
}

/** Begins where nothing was begun, keeps the outing, and opens its card. */
function useFinish() {
  const { begun, begin } = useBeginning();
  const kit = useKit();
  const preferences = usePreferences();
  const changePreferences = useChangePreferences();
  const save = useSaveOuting();
  const router = useRouter();
  const [trouble, setTrouble] = useState<SaveFailure>();
  const make = async (
    answers: Answers,
    light: FirstAnswers["light"],
    when: When | undefined,
    kitId?: string,
  ): Promise<void> => {
    const { subjectId, place } = answers;
    const owned = kitId ? firstKit(kitId) : kit.data?.ok ? kit.data.value : undefined;
    if (!subjectId || !owned) return;
    const timeZone = timeZoneOf(place?.latitude, place?.longitude);
    const at = whenTyped(when, timeZone) ?? firstHour(Date.now(), { place, timeZone }).at;
    const started = begun ? ({ ok: true } as const) : await begin("own", owned);
    if (!started.ok) return setTrouble(started.reason);
    const outing = firstOuting(
      { subjectId, ...(answers.isRoofed ? {} : { place }), timeZone, light, at },
      owned,
      preferences,
    );
    const saved = await save(outing);
    if (!saved.ok) return setTrouble(saved.reason);
    await changePreferences({ plainWords: true });
    router.replace(`/outing/${outing.id}/run`);
  };
  return { make, trouble };
}
