// What is asked of the server about signing in; before any view is.
import { http, told, type Schemas } from "./asking";

type PersonId = Schemas["PersonView"]["id"];

export const signInApi = {
  state: () => told(http.GET("/api/sign-in")),
  withPassphrase: (name: string, passphrase: string) =>
    told(http.POST("/api/sign-in", { body: { name, passphrase } })),
  withPin: (person_id: PersonId, pin: string) =>
    told(http.POST("/api/sign-in/pin", { body: { person_id, pin } })),
  withCode: (name: string, code: string, passphrase: string) =>
    told(http.POST("/api/sign-in/code", { body: { name, code, passphrase } })),
  begin: (name: string, passphrase: string) =>
    told(http.POST("/api/sign-in/begin", { body: { name, passphrase } })),
  passkeyQuestion: () => told(http.POST("/api/sign-in/passkey/question")) as Promise<unknown>,
  withPasskey: (credential: Record<string, unknown>) =>
    told(http.POST("/api/sign-in/passkey", { body: { credential } })),
  lock: () => told(http.POST("/api/sign-in/lock")),
  out: () => told(http.POST("/api/sign-in/out")),
};
