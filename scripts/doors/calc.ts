import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import * as catalogue from "../../src/core/catalogue";
import * as exposure from "../../src/core/exposure";
import * as ground from "../../src/core/ground";
import * as judge from "../../src/core/judge";
import * as light from "../../src/core/light";
import * as motion from "../../src/core/motion";
import * as optics from "../../src/core/optics";
import * as review from "../../src/core/review";
import * as scene from "../../src/core/scene";
import * as schedule from "../../src/core/schedule";
import * as units from "../../src/core/units";
import { done, refused, type Outcome } from "./outcome";

const FOLDERS: Readonly<Record<string, Readonly<Record<string, unknown>>>> = {
  units,
  ground,
  optics,
  light,
  motion,
  exposure,
  scene,
  judge,
  schedule,
  review,
  catalogue,
};

type Callable = (...args: unknown[]) => unknown;

/** Every public function of the core under its dotted name. */
function functions(): Map<string, Callable> {
  const found = new Map<string, Callable>();
  for (const [folder, names] of Object.entries(FOLDERS))
    for (const [name, value] of Object.entries(names))
      if (typeof value === "function") found.set(`${folder}.${name}`, value as Callable);
  return found;
}

/** The first sentence of each doc comment, read from the source, by folder and name. */
function docs(): Map<string, string> {
  const core = path.resolve(__dirname, "../../src/core");
  const found = new Map<string, string>();
  for (const folder of Object.keys(FOLDERS))
    for (const file of readdirSync(path.join(core, folder), { recursive: true, encoding: "utf8" }).filter(
      (f) => f.endsWith(".ts") && !f.includes(".test."),
    )) {
      const text = readFileSync(path.join(core, folder, file), "utf8");
      for (const [, comment, name] of text.matchAll(
        /\/\*\*((?:(?!\*\/)[\s\S])*)\*\/\s*export (?:const|function\*?) (\w+)/g,
      ))
        found.set(`${folder}.${name!}`, firstSentence(comment!));
    }
  return found;
}

function firstSentence(comment: string): string {
  const flat = comment
    .replace(/^\s*\* ?/gm, "")
    .replace(/\s+/g, " ")
    .trim();
  return /^.*?\.(?= [A-Z`]|$)/.exec(flat)?.[0] ?? flat;
}

function list(): Outcome {
  const told = docs();
  const names = [...functions().keys()].sort();
  const width = Math.max(...names.map((n) => n.length));
  return done(names.map((n) => `${n.padEnd(width)}  ${told.get(n) ?? ""}`.trimEnd()).join("\n"));
}

/** What inputs were called before, so that a script that was written for that still runs. */
const FORMER: Readonly<Record<string, string>> = { subjectDistance: "subject", locked: "held" };

/** A record that remembers which fields were asked for in vain. */
function watched(input: object, missing: Set<string>): object {
  return new Proxy(input, {
    get(target, key, receiver) {
      if (typeof key !== "string" || key in target) return Reflect.get(target, key, receiver);
      const former = FORMER[key];
      if (former && former in target) return Reflect.get(target, former, receiver);
      missing.add(key);
      return undefined;
    },
  });
}

function hasNoNumber(value: unknown): boolean {
  if (typeof value === "number") return Number.isNaN(value);
  return typeof value === "object" && value !== null && Object.values(value).some(hasNoNumber);
}

/** A computation that reports as it goes is run to its end; anything else is its own result. */
function toTheEnd(result: unknown): unknown {
  const walk = result as Partial<Iterator<unknown>> | null | undefined;
  if (typeof walk?.next !== "function") return result;
  for (;;) {
    const step = walk.next();
    if (step.done) return step.value;
  }
}

function apply(name: string, run: Callable, text: string): Outcome {
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch {
    return refused(
      `${name}: the input is not JSON; write one object of named fields, or an array of arguments`,
    );
  }
  if (typeof input !== "object" || input === null)
    return refused(
      `${name}: the input is ${JSON.stringify(input)}; write one object of named fields, or an array of arguments`,
    );
  const missing = new Set<string>();
  const args: unknown[] = Array.isArray(input) ? input : [watched(input, missing)];
  const blame = (): string => (missing.size > 0 ? `; missing: ${[...missing].join(", ")}` : "");
  try {
    const result = toTheEnd(run(...args));
    if (typeof result === "function")
      return refused(
        `${name}: it gives a function, which JSON cannot hold; call what takes an instant as well`,
      );
    if (result === undefined) return done("null");
    if (hasNoNumber(result)) return refused(`${name}: the input does not lead to a number${blame()}`);
    return done(JSON.stringify(result));
  } catch (error) {
    return refused(`${name}: ${error instanceof Error ? error.message.split("\n")[0]! : "failed"}${blame()}`);
  }
}

/** `calc --list`, or `calc NAME JSON`: one public function of the core applied to JSON. */
export function calc(args: readonly string[]): Outcome {
  const [name, text] = args;
  if (name === "--list") return list();
  if (name === undefined) return refused("calc: name a function and its JSON, or --list");
  const run = functions().get(name);
  if (!run) return refused(`calc: no function ${name}; --list names them`);
  if (text === undefined) return refused(`${name}: the JSON is missing; write one object of named fields`);
  return apply(name, run, text);
}
