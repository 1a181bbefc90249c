import { readFileSync } from "node:fs";
import { expect, test } from "@playwright/test";
import { isPhone } from "./outing";

test.use({ serviceWorkers: "allow" });

test("a file that another application shares reaches the worker by a POST, is shown, and asks before it is kept", async ({
  page,
}) => {
  test.skip(!isPhone(page), "the worker knows no size of screen");
  await page.goto("/outings");
  await expect(page.getByRole("button", { name: "Plan an outing" })).toBeVisible();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller)
      await new Promise((done) => navigator.serviceWorker.addEventListener("controllerchange", done));
  });
  const text = readFileSync("demo/hockey-semi-final.outing.json", "utf8");
  const post = (body: string, type: string) =>
    page.evaluate(
      async ([content, kind]) => {
        const form = new FormData();
        form.set("file", new File([content!], "cup.outing.json", { type: kind }));
        const answer = await fetch("/receive", { method: "POST", body: form, redirect: "manual" });
        return answer.type;
      },
      [body, type],
    );
  expect(await post(text, "application/json")).toBe("opaqueredirect");
  await page.goto("/receive#shared");
  await expect(page.getByRole("dialog", { name: "Open this file?" })).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await expect(page).toHaveURL(/\/outings$/);
  // Taken once: nothing of it stays behind.
  await page.goto("/receive#shared");
  await expect(page.getByText(/carries no outing/)).toBeVisible();
});

test("a file that the system opens with the installed application is shown, and asks before it is kept", async ({
  page,
}) => {
  test.skip(!isPhone(page), "the queue knows no size of screen");
  const text = readFileSync("demo/hockey-semi-final.outing.json", "utf8");
  await page.addInitScript((content) => {
    const getFile = async () => new File([content], "cup.outing.json", { type: "application/json" });
    // What browsers have of it cannot be written over by an assignment.
    Object.defineProperty(window, "launchQueue", {
      value: { setConsumer: (take: (launched: unknown) => void) => take({ files: [{ getFile }] }) },
    });
  }, text);
  await page.goto("/receive");
  await expect(page.getByRole("dialog", { name: "Open this file?" })).toBeVisible();
  await page.getByRole("button", { name: "Cancel" }).click();
  await expect(page).toHaveURL(/\/outings$/);
});
