import MoreIcon from "lucide-react-native/icons/ellipsis";
import { Link } from "expo-router";
import { useState } from "react";
import { Pressable, View } from "react-native";
import { plannedPosition, type Outing } from "@/data";
import { Button, IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { dateWords, timeWords } from "@/words";
import { Guard } from "../layout/Guard";
import { GroundSketch } from "../outing/GroundSketch";
import { SubjectOutline } from "../subjects/SubjectOutline";
import { whatIsOpen } from "./what-is-open";

interface CardProps {
  readonly outing: Outing;
  readonly onMore: (outing: Outing) => void;
}

/** Whom the first promised shot is of. */
const firstOf = ({ shots, subjects }: Outing) => subjects.find((s) => s.id === shots[0]?.subjectId);

const label = (outing: Outing): string => `${outing.name}, ${dateWords(outing.date)}, ${outing.place}`;

/** The outing that comes next: what is open of it, and what was promised. */
export function NextOuting({ outing, onMore }: CardProps) {
  return (
    <View className="border-t border-line px-4 py-4">
      <View className="flex-row">
        <Link href={`/outing/${outing.id}/ground`} asChild>
          <Pressable
            role="link"
            aria-label={label(outing)}
            className="min-w-0 flex-1 flex-row justify-between gap-2 active:opacity-70"
          >
            <View className="min-w-0 flex-1 gap-1">
              <Txt tone="ink2">{`Next: ${dateWords(outing.date)}, ${timeWords(outing.starts)}`}</Txt>
              <Txt size={20} weight={700} role="heading" aria-level={2}>
                {outing.name}
              </Txt>
              <Txt>{`${outing.place}. ${outing.sport}`}</Txt>
              <WhatIsOpen outing={outing} />
            </View>
            <View className="items-center gap-2">
              <SubjectOutline subject={firstOf(outing)} size={72} />
              <GroundSketch outing={outing} scale={1.2} />
            </View>
          </Pressable>
        </Link>
        <More outing={outing} onMore={onMore} />
      </View>
      <Promises outing={outing} />
    </View>
  );
}

function WhatIsOpen({ outing }: { outing: Outing }) {
  return (
    <View className="gap-1 pt-2">
      {whatIsOpen(outing).map(({ words, open }) => (
        <View key={words} className="flex-row items-center gap-2">
          <View
            className={`h-3 w-3 rounded-full border-2 ${open ? "border-bracken" : "border-moss bg-moss"}`}
          />
          <Txt weight={open ? 600 : 400} tone={open ? "bracken" : "ink"} className="min-w-0 flex-1">
            {words}
          </Txt>
        </View>
      ))}
    </View>
  );
}

function More({ outing, onMore }: CardProps) {
  const { water } = useTokens();
  return (
    <IconButton label={`More actions for ${outing.name}`} onPress={() => onMore(outing)} className="-mr-2">
      <MoreIcon size={24} color={water} />
    </IconButton>
  );
}

/** The promised shots with the position that serves each. */
function Promises({ outing }: { outing: Outing }) {
  return (
    <View role="list" aria-label={`Promised at ${outing.name}`} className="pt-3">
      {outing.shots.map((shot) => {
        const place = plannedPosition(outing, shot.id);
        return (
          <View
            key={shot.id}
            role="listitem"
            className="min-h-11 flex-row items-center justify-between border-t border-line"
          >
            <Txt weight={600} className="min-w-0 flex-1 pr-2">
              {shot.name}
            </Txt>
            <Txt tone="ink2" className="pr-4">{`${shot.wanted} wanted`}</Txt>
            <Txt weight={700} tone={place ? "water" : "bracken"} className="w-[92px] text-right">
              {place ? `from ${place.name}` : "no position"}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}

interface ShelfProps {
  readonly title: string;
  readonly outings: readonly Outing[];
  readonly onMore: (outing: Outing) => void;
}

/** Rows of a shelf at first, and at every further press: hundreds at once would keep everybody waiting. */
const FIRST_ROWS = 12;
const MORE_ROWS = 48;

/** Outings in short, each known by the shape of its ground. */
export function Shelf({ title, outings, onMore }: ShelfProps) {
  const [rows, setRows] = useState(FIRST_ROWS);
  const hidden = outings.length - rows;
  if (outings.length === 0) return null;
  return (
    <View role="region" aria-label={title} className="pt-3">
      <Txt size={20} weight={700} role="heading" aria-level={2} className="px-4 pb-1">
        {title}
      </Txt>
      {outings.slice(0, rows).map((outing) => (
        <Guard key={outing.id} name={outing.name}>
          <View className="flex-row items-center border-t border-line px-4 py-2">
            <Link href={`/outing/${outing.id}/ground`} asChild>
              <Pressable
                role="link"
                aria-label={label(outing)}
                className="min-w-0 flex-1 flex-row items-center justify-between gap-3 active:opacity-70"
              >
                <SubjectOutline subject={firstOf(outing)} size={40} />
                <View className="min-w-0 flex-1">
                  <Txt tone="ink2">{`${dateWords(outing.date)} ${outing.date.slice(0, 4)}, ${timeWords(outing.starts)}`}</Txt>
                  <Txt size={20} weight={700} role="heading" aria-level={3}>
                    {outing.name}
                  </Txt>
                  <Txt>{`${outing.place}. ${outing.sport}`}</Txt>
                </View>
                <GroundSketch outing={outing} scale={0.8} />
              </Pressable>
            </Link>
            <More outing={outing} onMore={onMore} />
          </View>
        </Guard>
      ))}
      {hidden > 0 && (
        <View className="flex-row border-t border-line px-4 py-2">
          <Button
            label={`Show ${Math.min(hidden, MORE_ROWS)} more of ${hidden}`}
            kind="plain"
            className="-ml-4"
            onPress={() => setRows(rows + MORE_ROWS)}
          />
        </View>
      )}
    </View>
  );
}
