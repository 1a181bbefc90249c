import { z } from "zod";
import { MOST_PACKED, packText, unpackText } from "@/data/files/packed-text";
import { SERVED_UNDER, served } from "../store/served";

const statusSchema = z.object({ on: z.boolean(), addresses: z.array(z.string()) });
const leftSchema = z.object({ name: z.string(), minutes: z.number() });

/** What a code holds, or why there is none. */
export type Link =
  | { readonly ok: true; readonly href: string; readonly kind: "whole" }
  | {
      readonly ok: true;
      readonly href: string;
      readonly kind: "pick-up";
      readonly minutes: number;
      readonly isPlain: boolean;
    }
  | { readonly ok: false; readonly reason: "this-machine-alone" | "too-large" | "no-room" };

const THIS_MACHINE = ["localhost", "127.0.0.1", "[::1]"];

/** The address by which another device reaches this application; undefined where its server listens on this machine alone. */
const baseOf = ({ hostname, origin }: Pick<Location, "hostname" | "origin">, addresses: readonly string[]) =>
  THIS_MACHINE.includes(hostname) ? addresses[0] : origin;

async function status(): Promise<z.infer<typeof statusSchema>> {
  const answer = await fetch(served("/api/pick-up")).catch(() => undefined);
  const told = statusSchema.safeParse(await answer?.json().catch(() => undefined));
  return told.success ? told.data : { on: false, addresses: [] };
}

/** A link that holds a text where it fits, else one under which it lies for one fetch. Nothing is sent unless it has to lie, and the server offers that. */
export async function linkFor(text: string): Promise<Link> {
  const { on, addresses } = await status();
  const at = baseOf(window.location, addresses);
  if (!at) return { ok: false, reason: "this-machine-alone" };
  const base = `${at}${SERVED_UNDER}`;
  const packed = packText(text);
  if (packed.length <= MOST_PACKED) return { ok: true, kind: "whole", href: `${base}/receive#o=${packed}` };
  if (!on) return { ok: false, reason: "too-large" };
  const answer = await fetch(served("/api/pick-up"), {
    method: "POST",
    headers: { "Content-Type": "application/octet-stream" },
    body: packed,
  }).catch(() => undefined);
  const left = leftSchema.safeParse(await answer?.json().catch(() => undefined));
  if (!left.success) return { ok: false, reason: "no-room" };
  return {
    ok: true,
    kind: "pick-up",
    href: `${base}/receive#p=${left.data.name}`,
    minutes: left.data.minutes,
    isPlain: base.startsWith("http:"),
  };
}

/** What a link brings, or why it brings nothing. */
export type Received =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly reason: "nothing" | "damaged" | "too-large" | "gone" };

/** What another application shared, put aside by the worker (public/share-target.js) and taken from there. */
async function shared(): Promise<string | undefined> {
  const cache = await caches.open("bp-shared");
  const found = await cache.match("/shared");
  await cache.delete("/shared");
  return found?.text();
}

/** The text of a link by its fragment, or of what was shared; what lies for a pick-up is gone from there with this. */
export async function received(fragment: string): Promise<Received> {
  if (fragment === "#shared") {
    const text = await shared();
    return text === undefined ? { ok: false, reason: "nothing" } : { ok: true, text };
  }
  const [, kind, rest = ""] = /^#([op])=([\w-]+)$/.exec(fragment) ?? [];
  if (!kind) return { ok: false, reason: "nothing" };
  const packed = kind === "o" ? rest : await pickedUp(rest);
  if (packed === undefined) return { ok: false, reason: "gone" };
  const text = unpackText(packed);
  return text.ok ? { ok: true, text: text.value } : { ok: false, reason: text.reason };
}

async function pickedUp(name: string): Promise<string | undefined> {
  const answer = await fetch(served(`/api/pick-up/${name}`)).catch(() => undefined);
  return answer?.ok ? answer.text() : undefined;
}
