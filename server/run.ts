import type { Server, ServerOptions } from "node:http";

/** The port that was asked for; nothing where that is none. */
export function readPort(asked = "4173"): number | undefined {
  const port = /^\d{1,5}$/.test(asked) ? Number(asked) : NaN;
  return port <= 65535 ? port : undefined;
}

/** How many proxies stand before the server: a whole number up to 10, else none. */
export const readProxies = (asked = "0"): number => (/^(\d|10)$/.test(asked) ? Number(asked) : 0);

/** Names under which a server is reached from its own machine alone. */
const THIS_MACHINE = ["127.0.0.1", "localhost", "::1"];
export const isThisMachine = (host: string): boolean => THIS_MACHINE.includes(host);

/** Where the server is, and who reaches it there. */
export const listensOn = (
  host: string,
  port: number,
  { scheme = "http", under = "" }: { readonly scheme?: "http" | "https"; readonly under?: string } = {},
): string =>
  isThisMachine(host)
    ? `Bright Perch is at ${scheme}://localhost:${port}${under}, for this machine alone (HOST=0.0.0.0 lets others in)`
    : `Bright Perch is at ${scheme}://localhost:${port}${under}, and listens on ${host}: other machines of the network reach it`;

/** Milliseconds within which a client has to send its head, its whole request, and the next one on the same connection. */
const PATIENCE = { head: 10_000, request: 30_000, between: 5_000 };

/** Milliseconds after which what is still being answered is cut off. */
const LAST = 10_000;

/** Options of a server that gives slow clients up in time: it looks for them every other second. */
export const IMPATIENT: ServerOptions = {
  headersTimeout: PATIENCE.head,
  requestTimeout: PATIENCE.request,
  keepAliveTimeout: PATIENCE.between,
  connectionsCheckingInterval: 2000,
};

/** At the end a server answers what it has begun before it goes. */
export function drainOn(server: Server, host: Pick<NodeJS.Process, "once" | "exit">): void {
  for (const signal of ["SIGTERM", "SIGINT"] as const)
    host.once(signal, () => {
      server.close(() => host.exit(0));
      server.closeIdleConnections();
      setTimeout(() => server.closeAllConnections(), LAST).unref();
    });
}
