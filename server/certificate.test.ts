import { execFileSync } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { readCertificate } from "./certificate";

const folder = mkdtempSync(path.join(tmpdir(), "bright-perch-tls-"));

/** A certificate that signs itself, and its key. */
function made(name: string): [string, string] {
  const [cert, key] = [path.join(folder, `${name}.pem`), path.join(folder, `${name}.key`)];
  const asked = ["req", "-x509", "-newkey", "rsa:2048", "-nodes", "-days", "2", "-subj", `/CN=${name}`];
  execFileSync("openssl", [...asked, "-keyout", key, "-out", cert], { stdio: "ignore" });
  return [cert, key];
}

test("a certificate and its key are taken; neither set is plain http", () => {
  const [cert, key] = made("field.test");
  expect(readCertificate(cert, key)).toMatchObject({ ok: true });
  expect(readCertificate()).toBeUndefined();
});

test("a certificate without its key was served in the open; each lack is told with what to do", () => {
  const [cert] = made("one.test");
  const [, other] = made("other.test");
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
