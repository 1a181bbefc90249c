import { existsSync, readFileSync } from "node:fs";
import path from "node:path";

const root = path.resolve(__dirname, "..");
const manifest = JSON.parse(readFileSync(path.join(root, "public/manifest.webmanifest"), "utf8")) as {
  icons: { src: string; sizes: string; type: string; purpose: string }[];
  shortcuts: { url: string }[];
  share_target: { action: string };
  file_handlers: { action: string }[];
};

/** Width and height of a PNG, from its header (ISO/IEC 15948). */
function sizeOf(file: string): string {
  const bytes = readFileSync(file);
  return `${bytes.readUInt32BE(16)}x${bytes.readUInt32BE(20)}`;
}

test("the icons are there in the sizes that they say, one that may be cut round among them", () => {
  const drawn = manifest.icons.filter((icon) => icon.type === "image/png");
  expect(drawn.length).toBeGreaterThanOrEqual(3);
  for (const icon of drawn) expect(sizeOf(path.join(root, "public", icon.src))).toBe(icon.sizes);
  expect(drawn.map((icon) => icon.sizes)).toEqual(expect.arrayContaining(["192x192", "512x512"]));
  expect(manifest.icons.some((icon) => icon.purpose === "maskable")).toBe(true);
  expect(sizeOf(path.join(root, "public/icons/apple-touch-icon.png"))).toBe("180x180");
});

test("the manifest names what lies beside it, so that it holds under any path", () => {
  const text = readFileSync(path.join(root, "public/manifest.webmanifest"), "utf8");
  const named = [...text.matchAll(/"(?:src|url|action|start_url|scope|id)": "([^"]*)"/g)].map(
    ([, at]) => at!,
  );
  expect(named.length).toBeGreaterThan(10);
  expect(named.filter((at) => !at.startsWith("."))).toEqual([]);
});

test("shortcuts, shares and files lead to pages that there are", () => {
  const ways = [
    ...manifest.shortcuts.map((s) => s.url),
    manifest.share_target.action,
    ...manifest.file_handlers.map((h) => h.action),
  ];
  expect(manifest.shortcuts).toHaveLength(3);
  for (const way of ways) {
    const page = path.join(root, "app", way);
    expect([way, existsSync(`${page}.tsx`) || existsSync(path.join(page, "index.tsx"))]).toEqual([way, true]);
  }
});
