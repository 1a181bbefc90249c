import { readFileSync } from "node:fs";
import { createSecureContext } from "node:tls";

/** A certificate and its key, each as it stands in its file; or what is missing and what to do. */
export type Certificate =
  | { readonly ok: true; readonly cert: Buffer; readonly key: Buffer }
  | { readonly ok: false; readonly why: string };

const missing = (why: string): Certificate => ({ ok: false, why });

const read = (file: string): Buffer | undefined => {
  try {
    return readFileSync(file);
  } catch {
    return undefined;
  }
};

/**
 * The certificate of one's own that makes the server https, so that a phone of the network gets all that needs it: two
 * settings, each the path of a PEM file. Nothing where neither is set; one alone is refused rather than served in the open.
 */
export function readCertificate(certFile?: string, keyFile?: string): Certificate | undefined {
  if (!certFile && !keyFile) return undefined;
  if (!certFile || !keyFile)
    return missing(
      `${certFile ? "TLS_KEY" : "TLS_CERT"} is not set: https needs both TLS_CERT and TLS_KEY, each the path of a PEM file.`,
    );
  const [cert, key] = [read(certFile), read(keyFile)];
  if (!cert)
    return missing(`TLS_CERT names “${certFile}”, which cannot be read: set it to the path of a PEM file.`);
  if (!key)
    return missing(`TLS_KEY names “${keyFile}”, which cannot be read: set it to the path of a PEM file.`);
  try {
    createSecureContext({ cert, key });
  } catch {
    return missing(
      "TLS_CERT and TLS_KEY do not belong together, or are no PEM files: give a certificate and its own key.",
    );
  }
  return { ok: true, cert, key };
}
