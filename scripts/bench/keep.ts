import { demoOutings } from "../../demo";
import { createRepository, createStore, type Outing } from "../../src/data";
import { pageEntries } from "../../src/data/store/page-entries";

const WARM = 120;
const MEASURED = 200;
/** Milliseconds of script of one write. */
const AIM = 4;

/** What keeping an outing of usual size costs in script, with a hundred states behind it. */
export async function benchKeep(): Promise<void> {
  for (const outing of demoOutings) {
    const repository = createRepository(createStore(pageEntries()));
    let standing: Outing = { ...outing, revision: 0 };
    const write = async (times: number): Promise<number> => {
      const begun = performance.now();
      for (let i = 0; i < times; i++) {
        const saved = await repository.saveOuting(standing, { change: "[]", undoTo: i });
        if (!saved.ok) throw new Error(saved.reason);
        standing = saved.value;
      }
      return (performance.now() - begun) / times;
    };
    await write(WARM);
    const each = await write(MEASURED);
    const begun = performance.now();
    for (let i = 0; i < MEASURED; i++) JSON.parse(JSON.stringify(standing));
    const json = (performance.now() - begun) / MEASURED;
    console.log(
      `a write of ${outing.name}: ${each.toFixed(1)} ms of script (aim ${AIM}), ${(each / json).toFixed(1)} times its JSON there and back`,
    );
  }
}
