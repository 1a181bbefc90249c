import { useMemo, useState } from "react";
import { View } from "react-native";
import { courseOf, ownToBegin, withKit, type Course as CourseAnswer } from "@/answers/practice/course";
import { bagOf } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { createViews, type OutingView } from "@/outing/outing-view";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Picker } from "@/ui/controls/Picker";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { apertureWords, isoWords, shutterWords, stopsNoun } from "@/words";
import { courseSetWords, courseWayWords, ladderWords, rungWords } from "@/words/course";
import { OnTrial } from "../../outing/OnTrial";
import { Blur } from "../../stages/expose/blur/View";
import { OneClick } from "../../stages/expose/one-click/View";
import { Rails } from "../../stages/expose/settings/View";
import type { DrillProps } from "../played-on";

const LESSONS = ["Is it blurred?", "A stop brighter, three ways", "What ends each way", "Your set"] as const;

/** What each lesson opens; the last is the set itself. */
const TOOLS = [
  { title: "Blur, and the ladder", Panel: Blur },
  { title: "One click", Panel: OneClick },
  { title: "Shutter, aperture, ISO", Panel: Rails },
] as const;

/** Four short lessons on one's own settings and kit: from a dark or blurred picture to a set for the camera and a shot to try. */
export function Course({ view }: DrillProps) {
  const bag = bagOf({ ...view.outing, bag: null }, view.kit);
  const [bodyId, setBody] = useState(view.rig?.body.id ?? bag.bodies[0]!.id);
  const [lensId, setLens] = useState(view.rig?.lens.id ?? bag.lenses[0]?.id ?? "");
  const [settings, setSettings] = useState(ownToBegin);
  const [lesson, setLesson] = useState(0);
  const { seen, tried } = useMemo(() => {
    const { outing, kit, preferences, library, selection, now, shot } = view;
    const viewOf = createViews(createAssessments());
    const look = (locked: Partial<CourseAnswer["own"]>) => {
      const own = withKit(outing, shot.id, { bodyId, lensId }, locked);
      return viewOf({ outing: own, kit, preferences, library, selection, now });
    };
    // What the camera was set to is held on the tools; the ISO follows the light.
    return { seen: look({}), tried: look({ shutter: settings.shutter, aperture: settings.aperture }) };
  }, [view, bodyId, lensId, settings.shutter, settings.aperture]);
  const course = courseOf(seen, settings);
  return (
    <View className="gap-3">
      <Picker
        label="Your camera"
        items={bag.bodies.map((b) => ({ key: b.id, title: b.name }))}
        chosen={bodyId}
        onChoose={setBody}
      />
      <Picker
        label="Your lens"
        items={bag.lenses.map((l) => ({ key: l.id, title: l.name }))}
        chosen={lensId}
        onChoose={setLens}
      />
      <Own settings={settings} onChange={setSettings} />
      {course ? (
        <>
          <Txt size={20} weight={700} role="heading" aria-level={2}>
            {`${lesson + 1} of 4: ${LESSONS[lesson]!}`}
          </Txt>
          <Lesson n={lesson} course={course} />
          <Tool
            key={`${bodyId} ${lensId} ${settings.shutter} ${settings.aperture}`}
            n={lesson}
            view={tried}
          />
          <View className="flex-row gap-2">
            {lesson > 0 && <Button label="Back" onPress={() => setLesson(lesson - 1)} />}
            {lesson < LESSONS.length - 1 && (
              <Button label="Next lesson" kind="filled" onPress={() => setLesson(lesson + 1)} />
            )}
          </View>
        </>
      ) : (
        <Message
          title="No picture with that"
          body="The lens may not focus as near as that, or not fit the camera. Choose another."
        />
      )}
    </View>
  );
}

/** What was set for the picture that came out dark or blurred. */
function Own({
  settings,
  onChange,
}: {
  settings: CourseAnswer["own"];
  onChange: (next: CourseAnswer["own"]) => void;
}) {
  return (
    <View>
      <Stepper
        label="Your shutter"
        value={settings.shutter}
        words={shutterWords(settings.shutter)}
        min={0}
        max={39}
        onChange={(shutter) => onChange({ ...settings, shutter })}
      />
      <Stepper
        label="Your aperture"
        value={settings.aperture}
        words={apertureWords(settings.aperture)}
        min={0}
        max={27}
        onChange={(aperture) => onChange({ ...settings, aperture })}
      />
      <Stepper
        label="Your ISO"
        value={settings.iso}
        words={isoWords(settings.iso)}
        min={0}
        max={30}
        onChange={(iso) => onChange({ ...settings, iso })}
      />
    </View>
  );
}

function Lesson({ n, course }: { n: number; course: CourseAnswer }) {
  if (n === 0)
    return (
      <>
        <Txt>{ladderWords(course)}</Txt>
        <Ladder course={course} />
      </>
    );
  if (n === 1)
    return (
      <View role="list" aria-label="Three ways">
        {course.ways.map((way) => (
          <View key={way.rail} role="listitem" className="border-b border-line py-2">
            <Txt>{courseWayWords(way)}</Txt>
          </View>
        ))}
      </View>
    );
  if (n === 2) {
    const ended = course.ways.filter((w) => w.missing > 0);
    return (
      <Txt>
        {ended.length === 0
          ? "None of the three is at its end: your kit has a stop more on each. The shutter ends where too many frames smear."
          : `Your kit ends here: ${ended.map((w) => `${w.rail === "iso" ? "ISO" : w.rail}, ${stopsNoun(w.missing)} short`).join("; ")}. A lens or a body that goes further gives just that.`}
      </Txt>
    );
  }
  return (
    <Txt size={20} weight={600}>
      {courseSetWords(course)}
    </Txt>
  );
}

/** The tool of the lesson as it stands in an outing, set as one's camera was. */
function Tool({ n, view }: { n: number; view: OutingView }) {
  const tool = TOOLS[n];
  if (!tool || !view.found) return null;
  const { title, Panel } = tool;
  return (
    <OnTrial view={view}>
      <View role="region" aria-label={title} className="gap-2 border-t border-line pt-3">
        <Txt weight={700} role="heading" aria-level={3}>
          {title}
        </Txt>
        <Panel />
        <Txt size={14} tone="ink2">
          It stands in Expose of every outing. Press what you like here: nothing of it is kept.
        </Txt>
      </View>
    </OnTrial>
  );
}

/** The shutters with how often each holds, as bars to one scale. */
function Ladder({ course }: { course: CourseAnswer }) {
  return (
    <View role="list" aria-label="Shutters">
      {course.ladder.map((rung) => (
        <View key={rung.shutter} role="listitem" className="gap-1 py-1">
          <Txt weight={rung.isOwn ? 700 : 400}>{rungWords(rung)}</Txt>
          <View className="h-3 border-2 border-water">
            <View className="h-full bg-water" style={{ width: `${100 * rung.chance}%` }} />
          </View>
        </View>
      ))}
    </View>
  );
}
