import { useEffect, useState } from "react";
import { daysOf } from "@/outing/lists/day-of";
import type { ReadList } from "@/outing/lists/drafts";
import { useOuting } from "../../../outing/use-outing";

/** Events of a calendar, once its reader has come; undefined for every other text. */
export function useCalendarReader(text: string): ReadList | undefined {
  const outing = useOuting((v) => v.outing);
  const window = useOuting((v) => v.window);
  const [read, setRead] = useState<{ readonly text: string; readonly list: ReadList }>();
  const isCalendar = /^\s*BEGIN:VCALENDAR/.test(text);
  useEffect(() => {
    if (!isCalendar) return;
    void import("@/outing/lists/read-calendar").then(({ readCalendar }) => {
      const { from, until } = window;
      const list = readCalendar(text, { from, until, timeZone: outing.timeZone, days: daysOf(outing) });
      setRead({ text, list });
    });
  }, [text, isCalendar, window, outing]);
  if (!isCalendar) return undefined;
  return read?.text === text ? read.list : NOTHING;
}

const NOTHING: ReadList = { events: [], refused: [], passed: [] };
