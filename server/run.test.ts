import { EventEmitter, once } from "node:events";
import { createServer, get } from "node:http";
import { connect, type AddressInfo } from "node:net";
import { drainOn, IMPATIENT, listensOn, readPort, readProxies } from "./run";

test("a port that is none was tried all the same", () => {
  expect([undefined, "0", "8080", "65535"].map(readPort)).toEqual([4173, 0, 8080, 65535]);
  for (const asked of ["", "x", "-1", "65536", "80.5", "1e3", "999999"])
    expect(readPort(asked)).toBeUndefined();
});

test("the end of the server cut off an answer that it had begun", async () => {
  const host = Object.assign(new EventEmitter(), { exit: jest.fn() });
  let answer = (): void => undefined;
  const server = createServer((_req, res) => {
    res.write("begun, ");
    answer = () => void res.end("and ended");
  });
  drainOn(server, host as unknown as Pick<NodeJS.Process, "once" | "exit">);
  const closed = once(server, "close");
  server.listen(0);
  await once(server, "listening");
  const { port } = server.address() as AddressInfo;
  const response = new Promise<string>((done, failed) => {
    get({ port, agent: false }, (res) => {
      let text = "";
      res.on("data", (part: Buffer) => (text += String(part)));
      res.on("end", () => done(text));
      res.on("error", failed);
      host.emit("SIGTERM");
      answer();
    });
  });
  expect(await response).toBe("begun, and ended");
  await closed;
  expect(host.exit).toHaveBeenCalledWith(0);
});

test("a client that never ended its head was served for as long as it liked: it is given up", async () => {
  const server = createServer({ ...IMPATIENT, headersTimeout: 200, connectionsCheckingInterval: 50 });
  expect([IMPATIENT.headersTimeout!, IMPATIENT.requestTimeout!].every((ms) => ms > 0 && ms <= 30_000)).toBe(
    true,
  );
  expect(IMPATIENT.connectionsCheckingInterval!).toBeLessThan(IMPATIENT.headersTimeout!);
  server.listen(0);
  await once(server, "listening");
  const socket = connect((server.address() as AddressInfo).port, "127.0.0.1");
  socket.write("GET / HTTP/1.1\r\nX-Slow: ");
  const [answer] = (await once(socket, "data")) as [Buffer];
  expect(String(answer)).toContain("408");
  await new Promise((done) => server.close(done));
});

test("the server was open to the whole network without a word: it says who reaches it", () => {
  expect(listensOn("127.0.0.1", 4173)).toContain("for this machine alone");
  expect(listensOn("127.0.0.1", 4173, { scheme: "https", under: "/perch" })).toContain(
    "https://localhost:4173/perch,",
  );
  expect(listensOn("0.0.0.0", 4173)).toContain("other machines of the network reach it");
});

test("proxies are counted by a setting, and nonsense is none", () => {
  expect([undefined, "0", "1", "10"].map(readProxies)).toEqual([0, 0, 1, 10]);
  for (const asked of ["", "x", "-1", "11", "true", "1.5"]) expect(readProxies(asked)).toBe(0);
});
