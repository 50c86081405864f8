// What comes in and goes out: archives, backups, the calendar others read, tables and text that are brought in.
import { http, sendFile, stepByStep, told, unreached, type Schemas, type Step } from "./asking";
import type { ProgramId } from "./ids";

export const files = {
  lookAtArchive: (file: File) => sendFile<Schemas["ArchiveLook"]>("/api/client-archives/look", file),
  bringInArchive: async (file: File, signal: AbortSignal, step: Step) => {
    const { client } = await stepByStep<Schemas["ArchiveStep"]>("/api/client-archives", file, signal, step);
    if (!client) throw unreached();
    return client;
  },
  lookAtLibrary: (content: string) => told(http.POST("/api/library/file/look", { body: { content } })),
  bringInLibrary: (content: string) => told(http.POST("/api/library/file", { body: { content } })),
  choosePassphrase: (passphrase: string) =>
    told(http.POST("/api/backups/passphrase", { body: { passphrase } })),
  changeBackups: (body: Schemas["ScheduleRequest"]) => told(http.PUT("/api/backups/schedule", { body })),
  backUp: (signal: AbortSignal, step: Step) =>
    stepByStep<Schemas["BackupStep"]>("/api/backups", {}, signal, step),
  checkBackup: (name: string, passphrase: string, signal: AbortSignal, step: Step) =>
    stepByStep<Schemas["BackupStep"]>(`/api/backups/${name}/check`, { passphrase }, signal, step),
  restoreBackup: (name: string, body: Schemas["RestoreBackupRequest"], signal: AbortSignal, step: Step) =>
    stepByStep<Schemas["BackupStep"]>(`/api/backups/${name}/restore`, body, signal, step),
  newCalendarFeed: () => told(http.POST("/api/calendar-feed")),
  endCalendarFeed: () => told(http.DELETE("/api/calendar-feed")),
  readTableFile: (content: string) => told(http.POST("/api/bringing/file", { body: { content } })),
  bringInClients: (body: Schemas["PastedClientsRequest"]) =>
    told(http.POST("/api/bringing/clients", { body })),
  bringInSessions: (body: Schemas["BringInSessionsRequest"]) =>
    told(http.POST("/api/bringing/sessions", { body })),
  takeBack: (batch: string) => told(http.POST("/api/bringing/{batch}/undo", { params: { path: { batch } } })),
  bringInPasted: (program_id: ProgramId, body: Schemas["BringInRequest"]) =>
    told(http.POST("/api/programs/{program_id}/pasted", { params: { path: { program_id } }, body })),
};
