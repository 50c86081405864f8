// What a program, phase or day is begun from: a template, or what somebody trained.
import type { Schemas } from "../../api/client";
import { NOWHERE, type ProgramId } from "../../api/ids";

export type Source = Schemas["SourceRequest"];

export const fromTemplate = (template: string): Source => ({ template, program: NOWHERE, of_phase: "" });
export const fromProgram = (program: ProgramId, phase = ""): Source => ({
  template: "",
  program,
  of_phase: phase,
});
