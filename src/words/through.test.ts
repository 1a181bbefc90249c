import { throughSentence, throughWords } from "./through";

test("“nothing breaks” stood beside “4 stops short”: it is said of an outing in which nothing does", () => {
  const worst = { at: 0, short: 12, missing: 9, over: 0 };
  expect(throughWords({ breaks: "never" })).toBe("nothing breaks");
  expect(throughWords({ breaks: "always", worst })).toBe("all the time 3 stops too dark");
  expect(throughWords({ breaks: "sometimes", worst: { ...worst, missing: 0 } })).toBe(
    "at worst 4 stops short at your ceiling",
  );
  expect(throughWords({ breaks: "sometimes", worst: { at: 0, short: 0, missing: 0, over: 3 } })).toBe(
    "at worst 1 stop too bright",
  );
  expect(throughSentence({ breaks: "sometimes", worst }, () => "18:40")).toBe(
    "A limit is broken for a while; worst at 18:40, 3 stops too dark.",
  );
});
