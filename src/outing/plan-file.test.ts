/** @jest-environment jsdom */
import { planSheet, planSvg } from "./plan-file";

const drawn = {
  inner: '<text font-family="Text-700" x="1">B</text><path d="M0 0L4 4"/>',
  width: 600,
  height: 700,
};
const head = { title: 'Cup & "final"', under: "17 Oct, A < B" };

test("a plan is one SVG document that another reader parses, with its title and the drawing below it", () => {
  const read = new DOMParser().parseFromString(planSvg(drawn, head), "image/svg+xml");
  expect(read.querySelector("parsererror")).toBeNull();
  const root = read.documentElement;
  expect(root.getAttribute("viewBox")).toBe("0 0 600 764");
  expect(root.querySelector("title")!.textContent).toBe('Cup & "final", 17 Oct, A < B');
  const inner = root.querySelector("svg")!;
  expect(inner.querySelector("path")!.getAttribute("d")).toBe("M0 0L4 4");
  expect(inner.querySelector("text")!.getAttribute("font-weight")).toBe("700");
  expect(inner.querySelector("text")!.getAttribute("font-family")).toContain("sans-serif");
});

test("a sheet has the plan and every list that is not empty, as text and not as markup", () => {
  const html = planSheet(planSvg(drawn, head), head.title, [
    { title: "Positions", lines: ["A, <b>kneeling</b>", "B"] },
    { title: "Nothing", lines: [] },
  ]);
  const read = new DOMParser().parseFromString(html, "text/html");
  expect([...read.querySelectorAll("h2")].map((h) => h.textContent)).toEqual(["Positions"]);
  expect([...read.querySelectorAll("li")].map((l) => l.textContent)).toEqual(["A, <b>kneeling</b>", "B"]);
  expect(read.querySelector("svg.plan path")).not.toBeNull();
  expect(read.title).toBe(head.title);
});
