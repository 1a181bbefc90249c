import "fake-indexeddb/auto";
import { openSmallPictures } from "./small-pictures";

const picture = (bytes: number): Blob => new Blob([new Uint8Array(bytes)]);

test("small pictures of an outing stay under their bytes: the oldest go first, and are made again", async () => {
  const small = openSmallPictures(1000, 200);
  for (let i = 0; i < 14; i++) {
    await small.keep("o", `f${i}`, picture(100));
    await new Promise((after) => setTimeout(after, 2));
    expect(await small.size("o")).toBeLessThanOrEqual(1000);
  }
  expect(await small.get("o", "f0")).toBeUndefined();
  expect((await small.get("o", "f13"))?.size).toBe(100);
  await small.keep("other", "f0", picture(100));
  expect(await small.size("other")).toBe(100);
  await small.forgetOthers(new Set(["o"]));
  expect(await small.get("other", "f0")).toBeUndefined();
  expect(await small.get("o", "f13")).toBeDefined();
});
