import AsyncStorage from "@react-native-async-storage/async-storage";
import { createRepository, type Repository } from "@/data";

let opened: Promise<Repository> | undefined;

/** The one repository of the running application, with the demo put in on the very first start. */
export function openRepository(): Promise<Repository> {
  opened ??= open();
  return opened;
}

async function open(): Promise<Repository> {
  const repository = createRepository(AsyncStorage);
  // A full storage at the first start leaves the list empty; the list then says so itself.
  await repository.begin(async () => {
    const { demoKit, demoShoots } = await import("../../../demo");
    return { kit: demoKit, shoots: demoShoots };
  });
  return repository;
}
