// Passkeys: what the server asks is given to the browser, and what the browser answers to the server, both as the WebAuthn
// standard writes them in JSON.

interface Reads {
  parseCreationOptionsFromJSON: (options: unknown) => PublicKeyCredentialCreationOptions;
  parseRequestOptionsFromJSON: (options: unknown) => PublicKeyCredentialRequestOptions;
}

/** Whether this browser can make and use passkeys here: not under a bare address, and not without TLS. */
export const hasPasskeys = (): boolean =>
  window.isSecureContext &&
  typeof PublicKeyCredential !== "undefined" &&
  "parseRequestOptionsFromJSON" in PublicKeyCredential &&
  !/^[\d.]+$|:/.test(window.location.hostname);

const standard = (): Reads => PublicKeyCredential as never as Reads;

function answered(credential: Credential | null): Record<string, unknown> {
  if (!(credential instanceof PublicKeyCredential)) throw new Error("no passkey");
  return credential.toJSON() as Record<string, unknown>;
}

/** Lets the browser make a passkey. */
export async function makePasskey(options: unknown): Promise<Record<string, unknown>> {
  const publicKey = standard().parseCreationOptionsFromJSON(options);
  return answered(await navigator.credentials.create({ publicKey }));
}

/** Lets the browser answer with a passkey. */
export async function usePasskey(options: unknown): Promise<Record<string, unknown>> {
  const publicKey = standard().parseRequestOptionsFromJSON(options);
  return answered(await navigator.credentials.get({ publicKey }));
}
