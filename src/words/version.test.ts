import packageJson from "../../package.json";
import { NEW_IN_IT, VERSION } from "./version";

test("the version that is told is the one that was built, with five lines of what is new", () => {
  expect(VERSION).toBe(packageJson.version);
  expect(NEW_IN_IT).toHaveLength(5);
  for (const line of NEW_IN_IT) expect(line.length).toBeLessThan(110);
});
