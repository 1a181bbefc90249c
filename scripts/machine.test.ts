import { lackOf } from "./machine.mjs";

test.each([
  ["20.20.2", 1e11, undefined],
  ["22.1.0", 3e9, undefined],
  ["18.19.0", 1e11, /^Node\.js 18\.19\.0 is too old: install version 20/],
  ["20.1.0", 4e8, /^Only 0\.4 GB are free here: make room for 2\.5 GB/],
])("Node.js %s with %d bytes free", (node, free, said) => {
  const lack = lackOf({ node, free });
  if (said === undefined) expect(lack).toBeUndefined();
  else expect(lack).toMatch(said);
});
