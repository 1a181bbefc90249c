import { Link } from "expo-router";
import { Pressable, ScrollView, View } from "react-native";
import { choiceOf, type Shoot, type Unreadable } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { dateWords, faultWords } from "@/words";
import { ThemeSwitch } from "../stage/ThemeSwitch";
import { downloadText } from "../store/file-transfer";
import { useShoots } from "../store/shoots";
import { GroundSketch } from "./GroundSketch";
import { OpenFile } from "./OpenFile";
import { whatIsOpen } from "./what-is-open";

/** Shoots: every outing by date, its shape, its promises and what is still open. */
export function ShootsScreen() {
  const { data, isPending } = useShoots();
  const shoots = data?.shoots ?? [];
  return (
    <View className="flex-1 bg-paper">
      <View
        role="banner"
        className="h-[68px] w-full max-w-[860px] flex-row items-center justify-between self-center px-4"
      >
        <Txt size={32} weight={700} role="heading" aria-level={1}>
          Shoots
        </Txt>
        <ThemeSwitch />
      </View>
      <ScrollView
        role="main"
        className="flex-1"
        contentContainerClassName="w-full max-w-[860px] self-center pb-6"
      >
        {isPending && <Message title="Looking for your outings" />}
        {data && shoots.length === 0 && (
          <Message
            title="No outing here"
            body="Open an outing’s file, from another device or from a friend, to begin."
          />
        )}
        {shoots.map((shoot) => (
          <ShootCard key={shoot.id} shoot={shoot} />
        ))}
        {data?.unreadable.map((broken) => (
          <BrokenRecord key={broken.id} broken={broken} />
        ))}
      </ScrollView>
      <View className="w-full max-w-[860px] self-center p-4">
        <OpenFile shoots={shoots} />
      </View>
    </View>
  );
}

function ShootCard({ shoot }: { shoot: Shoot }) {
  return (
    <View className="border-t border-line px-4 py-4">
      <Link href={`/shoot/${shoot.id}/ground`} asChild>
        <Pressable
          role="link"
          aria-label={`${shoot.name}, ${dateWords(shoot.date)}, ${shoot.place}`}
          className="flex-row justify-between gap-3 active:opacity-70"
        >
          <View className="min-w-0 flex-1 gap-1">
            <Txt tone="ink2">{`${dateWords(shoot.date)}, ${shoot.starts}`}</Txt>
            <Txt size={24} weight={700} role="heading" aria-level={2}>
              {shoot.name}
            </Txt>
            <Txt>{`${shoot.place}. ${shoot.sport}`}</Txt>
            <View className="gap-1 pt-2">
              {whatIsOpen(shoot).map(({ words, open }) => (
                <View key={words} className="flex-row items-center gap-2">
                  <View
                    className={`h-3 w-3 rounded-full border-2 ${open ? "border-bracken" : "border-moss bg-moss"}`}
                  />
                  <Txt weight={open ? 600 : 400} tone={open ? "bracken" : "ink"}>
                    {words}
                  </Txt>
                </View>
              ))}
            </View>
          </View>
          <GroundSketch shoot={shoot} scale={1.6} />
        </Pressable>
      </Link>
      <Promises shoot={shoot} />
    </View>
  );
}

/** The promised shots with the position that serves each. */
function Promises({ shoot }: { shoot: Shoot }) {
  return (
    <View role="list" aria-label={`Promised at ${shoot.name}`} className="pt-4">
      {shoot.shots.map((shot) => {
        const place = shoot.ground.positions.find((p) => p.id === choiceOf(shoot, shot.id)?.positionId);
        return (
          <View
            key={shot.id}
            role="listitem"
            className="min-h-11 flex-row items-center justify-between border-t border-line"
          >
            <Txt weight={600} className="min-w-0 flex-1">
              {shot.name}
            </Txt>
            <Txt tone="ink2" className="pr-4">{`${shot.wanted} wanted`}</Txt>
            <Txt weight={700} tone={place ? "water" : "bracken"} className="w-[92px] text-right">
              {place ? `from ${place.name}` : "no place"}
            </Txt>
          </View>
        );
      })}
    </View>
  );
}

/** A stored outing that cannot be read: it stays, and can be carried away as it is. */
function BrokenRecord({ broken }: { broken: Unreadable }) {
  return (
    <Message
      tone="danger"
      title={`“${broken.id}” cannot be read`}
      body={broken.faults.slice(0, 2).map(faultWords).join("\n")}
    >
      <Button
        label="Write what is stored to a file"
        onPress={() => downloadText(`${broken.id}.damaged.json`, broken.raw)}
      />
    </Message>
  );
}
