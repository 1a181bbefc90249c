import { useEffect, useState } from "react";
import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { CameraLine } from "./CameraLine";
import { MeetLine } from "./MeetLine";
import { served } from "../../../store/served";

type Offered = readonly string[] | "none" | undefined;

/** What the server offers of stand-ins for what is outside; each is off until it is joined, and nothing here needs one. */
export function Connected() {
  const [offered, setOffered] = useState<Offered>();
  useEffect(() => {
    let gone = false;
    fetch(served("/api/stand-ins"))
      .then(async (answer) => (answer.ok ? ((await answer.json()) as { on?: unknown }).on : []))
      .then((on) => (Array.isArray(on) ? on.map(String) : []))
      .catch(() => [])
      .then((on) => {
        if (!gone) setOffered(on.length > 0 ? on : "none");
      });
    return () => {
      gone = true;
    };
  }, []);
  if (offered === undefined) return <Txt tone="ink2">One moment</Txt>;
  if (offered === "none")
    return (
      <Txt tone="ink2">
        This server offers no stand-ins. Start it with STAND_INS=all on your own machine to try a camera on a
        cable or a meet; everything else works without.
      </Txt>
    );
  return (
    <View className="gap-4">
      {offered.includes("camera") && <CameraLine />}
      {offered.includes("meet") && <MeetLine />}
    </View>
  );
}
