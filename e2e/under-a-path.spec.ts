import { expect, test } from "@playwright/test";
import { slider } from "./outing";

/** The path that the build was made for. */
const UNDER = process.env.BASE_PATH!;

test.use({ serviceWorkers: "allow" });

test("served under a path, the list, a reload deep within, a worker's picture, a shortcut and a visit without a network all stay beneath it", async ({
  page,
  context,
  baseURL,
}) => {
  const strayed: string[] = [];
  context.on("response", (answer) => {
    const { pathname } = new URL(answer.url());
    if (answer.status() >= 400 || (pathname !== "/" && !pathname.startsWith(UNDER)))
      strayed.push(answer.url());
  });
  await page.goto("/");
  await expect(page).toHaveURL(new RegExp(`^${baseURL}${UNDER}/`));
  await page.getByRole("link", { name: /Cup semi-final/ }).click();
  await page.getByRole("link", { name: /^Ground:/ }).click();
  await expect(page).toHaveURL(`${baseURL}${UNDER}/outing/hockey-semi-final/ground`);
  await page.reload();
  await expect(page.getByText("North goal").first()).toBeVisible();

  await page.goto(`${UNDER}/outing/hockey-semi-final/frame`);
  await page.getByRole("button", { name: /^The picture before it is taken/ }).click();
  await expect(page.getByRole("img", { name: /^At 1\// }).first()).toBeVisible();

  const at = `${baseURL}${UNDER}/manifest.webmanifest`;
  const manifest = (await (await context.request.get(at)).json()) as {
    start_url: string;
    shortcuts: readonly { url: string }[];
  };
  for (const url of [manifest.start_url, ...manifest.shortcuts.map((s) => s.url)])
    expect(new URL(url, at).pathname.startsWith(`${UNDER}/`)).toBe(true);

  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.scriptURL))
    .toContain(UNDER);
  await context.setOffline(true);
  await page.goto(`${UNDER}/outing/hockey-semi-final/expose`);
  await expect(slider(page, "Shutter")).toBeVisible();
  expect(strayed).toEqual([]);
});
