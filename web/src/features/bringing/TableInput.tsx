// A table pasted from a spreadsheet, or opened from a file: its text, the same way wherever something is brought in.
import { t } from "../../ui/words";
import { FilePick } from "../../ui/fields/FilePick";
import { useMutation } from "@tanstack/react-query";
import { files } from "../../api/files";
import { TextField } from "../../ui/fields/Input";
import { Message } from "../../ui/Message";
import { base64 } from "./base64";

export function TableInput({
  hint,
  text,
  change,
  rows = 6,
}: {
  hint: string;
  text: string;
  change: (text: string) => void;
  rows?: number;
}) {
  const opened = useMutation({
    mutationFn: async (file: File) => (await files.readTableFile(await base64(file))).text,
    onSuccess: change,
  });
  return (
    <div>
      <TextField
        label={t("Rows copied from your spreadsheet")}
        hint={hint}
        rows={rows}
        spellCheck={false}
        autoFocus
        data-main-action
        value={text}
        change={change}
      />
      <FilePick accept=".xlsx,.csv,.tsv,.txt" choose={(file) => opened.mutate(file)} look="link">
        {opened.isPending ? t("Reading the file …") : t("or open a file (.xlsx, .csv)")}
      </FilePick>
      {opened.error && (
        <Message tone="stop" className="mt-3">
          {opened.error.message}
        </Message>
      )}
    </div>
  );
}
