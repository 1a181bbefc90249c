import { expect, test } from "@playwright/test";
import { openGround, openPanel, openStage, storedOuting, tag } from "./outing";

test("places are searched over the ground, listed with their reasons, and one press stands there @desk", async ({
  page,
}) => {
  await openGround(page);
  const before = (await storedOuting(page)).ground.positions[1].at;
  await openPanel(page, "Other positions for this shot");
  await page.getByRole("button", { name: "Find positions" }).click();
  const first = page.getByRole("button", { name: "Move B to candidate 1" });
  await expect(first).toBeVisible();
  await expect(page.getByRole("img", { name: /^How good each place is/ })).toBeVisible();
  await expect(page.getByText(/\d+ points/).first()).toBeVisible();
  await first.click();
  await expect(page.getByText("B moved to candidate 1")).toBeVisible();
  await expect.poll(async () => (await storedOuting(page)).ground.positions[1].at).not.toEqual(before);
  await page.getByRole("button", { name: "Undo", exact: true }).click();
  await expect(tag(page, "B")).toBeVisible();
  await page.getByRole("button", { name: "Clear", exact: true }).click();
  await expect(page.getByRole("button", { name: "Find positions" })).toBeVisible();
});

test("passing cloud tells both levels on Expose, and the card says how to expose @field", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Sky and lamps");
  for (let i = 0; i < 3; i++) await page.getByRole("button", { name: "More: Cloud" }).click();
  await page.getByRole("radio", { name: "Passing the sun" }).click();
  await openStage(page, "Expose");
  await openPanel(page, "Light on the subject");
  await expect(page.getByText(/while a cloud passes/)).toBeVisible();
  await openStage(page, "Run");
  await expect(page.getByText(/^(Manual|Automatic ISO)/)).toBeVisible();
});

test("in a hide places are looked for about the spot, none of them on the water, with what is in the bag @field", async ({
  page,
}) => {
  await page.goto("/outing/lagoon-at-first-light/ground");
  await expect(tag(page, "1")).toBeVisible();
  await openPanel(page, "Other positions for this shot");
  await page.getByRole("button", { name: "Find positions" }).click();
  const first = page.getByRole("button", { name: "Move 1 to candidate 1" });
  await expect(first).toBeVisible();
  await first.click();
  await expect(page.getByText("1 moved to candidate 1")).toBeVisible();
  await expect(page.getByText("This place lies on the water")).toHaveCount(0);
  const { lensId } = (await storedOuting(page, "lagoon-at-first-light")).choices[0];
  expect(["zoom-150-600", "long-300", "zoom-24-70"]).toContain(lensId);
});

test("the positions compared are sorted by a line, best first, then best last, then as they stand", async ({
  page,
}) => {
  await openGround(page);
  await openPanel(page, "Positions compared");
  const table = page.getByRole("table", { name: "Positions compared" });
  const order = () =>
    table
      .getByRole("columnheader")
      .getByRole("button")
      .evaluateAll((heads) =>
        heads.map((head) => head.getAttribute("aria-label")!.replace(/^Stand at |, best now$/g, "")),
      );
  await expect(table).toBeVisible();
  expect(await order()).toEqual(["A", "B", "C"]);
  // Each is headed by what it makes of the shot, and the one that the sentence under them names is marked.
  await expect(table.getByRole("img", { name: /^The frame: .* fills/ })).toHaveCount(3);
  await expect(table.getByRole("button", { name: /, best now$/ })).toHaveCount(1);
  const sort = table.getByRole("button", { name: "Sort by of the height" });
  await sort.click();
  await expect.poll(order).toEqual(["B", "C", "A"]);
  await expect(table.getByRole("rowheader", { name: /Sort by of the height/ })).toHaveAttribute(
    "aria-sort",
    "descending",
  );
  await sort.click();
  await expect.poll(order).toEqual(["A", "C", "B"]);
  await sort.click();
  await expect.poll(order).toEqual(["A", "B", "C"]);
});
