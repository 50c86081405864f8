// What is written of a client's health changes the file, the floor and the board: all are asked again.
import { changed } from "../../api/changed";
import { useMutation, useQueryClient } from "@tanstack/react-query";

export function useHealth<T>(write: (asked: T) => Promise<unknown>, onDone?: (written: T) => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: async (_, asked) => {
      onDone?.(asked);
      await changed(queries, "health");
    },
  });
}
