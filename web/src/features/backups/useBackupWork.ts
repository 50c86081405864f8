// Work on backups that takes a while: one at a time, told step by step, with a way to stop it.
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import type { Schemas } from "../../api/client";
import { keys } from "../../api/keys";

type Step = (doing: string, share: number) => void;
export type BackupWork = (signal: AbortSignal, step: Step) => Promise<Schemas["BackupStep"]>;

export function useBackupWork(done?: (made: Schemas["BackupStep"]) => void) {
  const queries = useQueryClient();
  const stopping = useRef(new AbortController());
  const [step, setStep] = useState({ doing: "", share: 0 });
  const work = useMutation({
    mutationFn: (asked: BackupWork) => {
      stopping.current = new AbortController();
      setStep({ doing: "", share: 0 });
      return asked(stopping.current.signal, (doing, share) => setStep({ doing, share }));
    },
    onSuccess: (made) => done?.(made),
    onSettled: () => queries.invalidateQueries({ queryKey: keys.backups }),
  });
  return { ...work, step, stop: () => stopping.current.abort() };
}
