import { expect, test } from "@playwright/test";

test("an outing goes onto a phone by a code that holds it: shown first, kept when it is said, and nothing of it stays in the address @field", async ({
  page,
  context,
  browser,
  baseURL,
}) => {
  const sent: string[] = [];
  page.on("request", (r) => {
    if (r.method() !== "GET") sent.push(r.url());
  });
  // The server of these tests listens on this machine alone; a server that others reach names its address.
  await page.route("**/api/pick-up", (route) =>
    route.fulfill({ json: { ok: true, on: false, addresses: ["http://192.0.2.7:4180"] } }),
  );
  await page.goto("/first");
  await page.getByRole("button", { name: "Swimming" }).click();
  await page.getByRole("button", { name: /^Crawl/ }).click();
  await page.getByRole("button", { name: "Dim" }).click();
  await expect(page).toHaveURL(/\/run$/);
  await page.getByRole("button", { name: /Details and actions$/ }).click();
  await page.getByRole("button", { name: "Onto the phone" }).click();
  await page.getByRole("button", { name: "Show the code" }).click();
  await expect(page.getByRole("img", { name: /code for the phone/ })).toBeVisible();
  await expect(page.getByText(/nothing is sent to anybody/)).toBeVisible();
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  await page.getByRole("button", { name: "Copy the link" }).click();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  expect(link).toMatch(/^http:\/\/192\.0\.2\.7:4180\/receive#o=[\w-]{100,1500}$/);
  expect(sent).toEqual([]);
  const phone = await browser.newContext({ serviceWorkers: "block", baseURL });
  const there = await phone.newPage();
  await there.goto(new URL(link).pathname + new URL(link).hash);
  const asked = there.getByRole("dialog", { name: "Open this file?" });
  await expect(asked.getByText(/Crawl swimmer/).first()).toBeVisible();
  await asked.getByRole("button", { name: /^Bring in/ }).click();
  await expect(there).toHaveURL(/\/outing\/[a-v0-9]{16}\/ground$/);
  expect(there.url()).not.toContain("#");
  await there.goBack();
  expect(there.url()).not.toContain("#o=");
  await phone.close();
});

test("a server that listens on this machine alone says so instead of naming an address that nobody reaches", async ({
  page,
}) => {
  await page.goto("/outing/hockey-semi-final/brief");
  await page.getByRole("button", { name: /Details and actions$/ }).click();
  await page.getByRole("button", { name: "Onto the phone" }).click();
  await page.getByRole("button", { name: "Show the code" }).click();
  await expect(page.getByText(/listens on this machine alone/)).toBeVisible();
});

test("a link that is cut short, and one that was fetched before, say so and open nothing", async ({
  page,
}) => {
  await page.goto("/receive#o=AAAA");
  await expect(page.getByText(/damaged or was cut short/)).toBeVisible();
  await page.goto("/outings");
  await page.goto(`/receive#p=${"0".repeat(32)}`);
  await expect(page.getByText(/It is gone/)).toBeVisible();
});
