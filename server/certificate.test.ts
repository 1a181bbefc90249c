import path from "node:path";
import { readCertificate } from "./certificate";

/** A certificate that signs itself, and its key; made for these tests, and good for nothing else. */
const pair = (name: string): [string, string] => [
  path.join(__dirname, `../test/tls/${name}.pem`),
  path.join(__dirname, `../test/tls/${name}.key`),
];

test("a certificate and its key are taken; neither set is plain http", () => {
  const [cert, key] = pair("one");
  expect(readCertificate(cert, key)).toMatchObject({ ok: true });
  expect(readCertificate()).toBeUndefined();
});

test("a certificate without its key was served in the open; each lack is told with what to do", () => {
  const [cert] = pair("one");
  const [, other] = pair("other");
  expect(readCertificate(cert)).toMatchObject({
    ok: false,
    why: expect.stringContaining("TLS_KEY is not set"),
  });
  expect(readCertificate(undefined, other)).toMatchObject({
    why: expect.stringContaining("TLS_CERT is not set"),
  });
  expect(readCertificate("/no/such.pem", other)).toMatchObject({
    why: expect.stringContaining("“/no/such.pem”, which cannot be read"),
  });
  expect(readCertificate(cert, "/no/such.key")).toMatchObject({
    why: expect.stringContaining("TLS_KEY names"),
  });
  expect(readCertificate(cert, other)).toMatchObject({
    why: expect.stringContaining("do not belong together"),
  });
});
