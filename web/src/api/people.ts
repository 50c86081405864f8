// What is asked of the server about people, their devices and their deeds.
import type { ClientId } from "./ids";
import { http, told, type Schemas } from "./asking";

type PersonId = Schemas["PersonView"]["id"];

export const peopleApi = {
  people: () => told(http.GET("/api/people")),
  add: (name: string, role: Schemas["Role"]) => told(http.POST("/api/people", { body: { name, role } })),
  change: (person_id: PersonId, body: Schemas["PersonChangeRequest"]) =>
    told(http.PATCH("/api/people/{person_id}", { params: { path: { person_id } }, body })),
  inviteAgain: (person_id: PersonId) =>
    told(http.POST("/api/people/{person_id}/invitation", { params: { path: { person_id } } })),
  changePassphrase: (now: string, fresh: string) =>
    told(http.PUT("/api/me/passphrase", { body: { now, new: fresh } })),
  choosePin: (pin: string) => told(http.PUT("/api/me/pin", { body: { pin } })),
  makeCodes: () => told(http.POST("/api/me/codes")),
  newPasskeyQuestion: () => told(http.POST("/api/me/passkeys/question")) as Promise<unknown>,
  keepPasskey: (credential: Record<string, unknown>) =>
    told(http.POST("/api/me/passkeys", { body: { credential } })),
  dropPasskeys: () => told(http.DELETE("/api/me/passkeys")),
  devices: () => told(http.GET("/api/devices")),
  enrol: (name: string) => told(http.POST("/api/devices/enrol", { body: { name } })),
  revoke: (device_id: Schemas["DeviceView"]["id"]) =>
    told(http.DELETE("/api/devices/{device_id}", { params: { path: { device_id } } })),
  signIns: () => told(http.GET("/api/sign-ins")),
  endSignIn: (sign_in_id: string) =>
    told(http.DELETE("/api/sign-ins/{sign_in_id}", { params: { path: { sign_in_id } } })),
  changeRules: (body: Schemas["AccessRulesRequest"]) => told(http.PUT("/api/access-rules", { body })),
  retention: () => told(http.GET("/api/retention")),
  changeRetention: (years: number) => told(http.PUT("/api/retention", { body: { years } })),
  audit: (before: number | null) =>
    told(http.GET("/api/audit", { params: { query: before === null ? {} : { before } } })),
  clientAudit: (client_id: ClientId, before: number | null) =>
    told(
      http.GET("/api/clients/{client_id}/audit", {
        params: { path: { client_id }, query: before === null ? {} : { before } },
      }),
    ),
  handOver: (client_id: ClientId, person_id: PersonId) =>
    told(http.PUT("/api/clients/{client_id}/lead", { params: { path: { client_id } }, body: { person_id } })),
  cover: (client_id: ClientId, body: Schemas["CoverRequest"]) =>
    told(http.PUT("/api/clients/{client_id}/cover", { params: { path: { client_id } }, body })),
  addConsent: (client_id: ClientId, text: string, on: string) =>
    told(
      http.POST("/api/clients/{client_id}/consents", { params: { path: { client_id } }, body: { text, on } }),
    ),
  withdrawConsent: (client_id: ClientId, consent_id: string, on: string) =>
    told(
      http.PUT("/api/clients/{client_id}/consents/{consent_id}/withdrawn", {
        params: { path: { client_id, consent_id } },
        body: { on },
      }),
    ),
};
