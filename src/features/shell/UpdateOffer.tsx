import { useEffect, useState } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";

/** Calls back with a new version of the application that has been fetched and waits to take over. */
function watchForUpdate(registration: ServiceWorkerRegistration, onWaiting: (worker: ServiceWorker) => void) {
  // Without a controller this is the first installation, and there is nothing to be new against.
  const tell = (worker: ServiceWorker | null): void => {
    if (worker?.state === "installed" && navigator.serviceWorker.controller) onWaiting(worker);
  };
  const follow = (coming: ServiceWorker | null): void =>
    coming?.addEventListener("statechange", () => tell(coming));
  tell(registration.waiting);
  // One may be on its way already.
  follow(registration.installing);
  registration.addEventListener("updatefound", () => follow(registration.installing));
}

/** A new version is offered, never forced: it waits until it is taken, or until every tab was closed. */
export function UpdateOffer() {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  useEffect(() => {
    if (!("serviceWorker" in navigator)) return;
    void navigator.serviceWorker.ready.then((registration) => watchForUpdate(registration, setWaiting));
  }, []);
  if (!waiting) return null;
  const take = (): void => {
    navigator.serviceWorker.addEventListener("controllerchange", () => window.location.reload(), {
      once: true,
    });
    waiting.postMessage({ type: "SKIP_WAITING" });
  };
  return (
    <View className="pointer-events-none absolute left-0 right-0 top-[58px] items-center px-3">
      <View
        role="status"
        className="pointer-events-auto w-full max-w-[480px] gap-2 rounded-xl border-2 border-water bg-sheet p-3"
      >
        <Txt weight={600}>A new version is ready. Your data stays.</Txt>
        <View className="flex-row gap-2">
          <Button label="Update" kind="filled" className="flex-1" onPress={take} />
          <Button label="Later" className="flex-1" onPress={() => setWaiting(undefined)} />
        </View>
      </View>
    </View>
  );
}
