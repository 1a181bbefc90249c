import { useMemo } from "react";
import { View } from "react-native";
import { aboutSubject } from "@/answers/library/about-subject";
import { activityDrawn } from "@/answers/library/activity-drawn";
import { sharpAt } from "@/answers/library/sharp-at";
import { subjectTaken } from "@/answers/library/subjects";
import { EMPTY_LIBRARY, type StoredSubject } from "@/data";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { DayAndYear } from "@/ui/charts/DayAndYear";
import { HeldColumns } from "@/ui/charts/HeldColumns";
import { Stretch } from "@/ui/charts/Stretch";
import { Txt } from "@/ui/controls/Txt";
import { hoursWords, monthsWords, speedWords } from "@/words";
import {
  monthInitial,
  partOfDayWords,
  partSharpWords,
  sharpFromWords,
  shutterColumnWords,
} from "@/words/library";
import { useKit } from "../../store/kit";
import { useOwnLibrary } from "../../store/library";
import { usePreferences } from "../../store/preferences";
import { SPEED } from "../scales";
import { Head } from "./Head";
import { Sides } from "./Sides";

/** A subject drawn: how fast it and its parts go, when it is about, and what of it is sharp at which shutter. */
export function SubjectDrawn({ id }: { id: string }) {
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  const subject = useMemo(() => subjectTaken(id, library.subjects), [id, library]);
  if (!subject) return null;
  return (
    <View className="gap-4">
      <Sides subject={subject} />
      <Speeds subject={subject} />
      <About id={id} />
      <Sharp subject={subject} />
    </View>
  );
}

function Speeds({ subject }: { subject: StoredSubject }) {
  const rows = [
    { id: "body", name: "Body", from: subject.bodySpeed, until: subject.fastSpeed ?? subject.bodySpeed },
    ...subject.parts.map((p) => ({ id: p.id, name: p.name, from: p.speed, until: p.fast ?? p.speed })),
  ];
  return (
    <View className="gap-1">
      <Head>How fast</Head>
      {rows.map(({ id, name, from, until }, i) => {
        const words = from === until ? speedWords(from) : `${speedWords(from)}, fast ${speedWords(until)}`;
        return (
          <View key={id}>
            <View className="flex-row justify-between gap-2">
              <Txt size={14} className="min-w-0 flex-1">
                {name}
              </Txt>
              <Txt size={14} weight={600}>
                {words}
              </Txt>
            </View>
            <Stretch
              scale={SPEED}
              bands={[{ from, until, tone: i === 0 ? "water" : "sunFill" }]}
              isWritten={i === rows.length - 1}
              says={`${name}: ${words}`}
            />
          </View>
        );
      })}
    </View>
  );
}

function About({ id }: { id: string }) {
  const about = aboutSubject(id);
  if (!about) return null;
  const { day = [], year } = activityDrawn(about.activity);
  return (
    <View className="gap-1">
      <Head>When it is about</Head>
      <DayAndYear
        says={`About ${hoursWords(about.activity)}; ${monthsWords(about.activity)}`}
        day={day.map(({ part, isAbout }) => ({ words: partOfDayWords(part), isAbout }))}
        year={year.map(({ month, isAbout }) => ({ words: monthInitial(month), isAbout }))}
      />
    </View>
  );
}

/** The same blur that an outing of it would tell, shutter by shutter. */
function Sharp({ subject }: { subject: StoredSubject }) {
  const kit = useKit().data;
  const preferences = usePreferences();
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  const sharp = useMemo(
    () => sharpAt(subject, { kit: kit?.ok ? kit.value : ownBeginning(), preferences, library }),
    [subject, kit, preferences, library],
  );
  if (!sharp) return <Txt tone="ink2">Your kit gives no picture of it: put a body and a lens in Kit.</Txt>;
  return (
    <View className="gap-1">
      <Head>Sharp at which shutter</Head>
      <View className="flex-row gap-1" aria-hidden>
        {sharp.shutters.map((click) => (
          <View key={click} className="min-w-0 flex-1 items-center">
            <Txt size={14} tone="ink2">
              {shutterColumnWords(click)}
            </Txt>
          </View>
        ))}
      </View>
      {sharp.parts.map((part) => (
        <View key={part.id}>
          <Txt size={14}>{part.name}</Txt>
          <HeldColumns
            says={partSharpWords(part, sharp.shutters)}
            columns={part.at.map(({ chance, verdict }) => ({ share: chance, isLost: verdict === "lost" }))}
          />
        </View>
      ))}
      <Txt size={14} tone="ink2">
        {sharpFromWords(sharp)}
      </Txt>
    </View>
  );
}
