// The end of a day: how hard it was, a word, and what goes back to the trainer: a text, a picture to scan, a file.
import { useState } from "react";
import QR from "qrcode";
import type { Day, Sheet } from "./data";
import type { DayLog } from "./dayLog";
import { Input } from "../ui/fields/Input";
import { Part, Tap } from "./parts";
import { t } from "./phrases";
import { resultText } from "./resultText";
import type { ChangeLog } from "./useDayLog";

const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

export function FinishView({
  sheet,
  day,
  log,
  change,
  goOn,
}: {
  sheet: Sheet;
  day: Day;
  log: DayLog;
  change: ChangeLog;
  goOn: () => void;
}) {
  const text = resultText(sheet, day, log, log.ended ?? 0);
  const [copied, setCopied] = useState("");
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(text);
      setCopied(t("Copied. Paste it into a message to your trainer."));
    } catch {
      setCopied(t("Hold the text below and copy it."));
    }
  };
  const nothing = Object.keys(log.rows).length === 0;
  return (
    <main>
      <Part title={t("How hard was it?")}>
        <div role="group" aria-label={t("How hard was it?")} className="grid grid-cols-6 gap-2">
          {EFFORTS.map((effort) => (
            <Tap
              key={effort}
              aria-pressed={log.effort === effort}
              className={`px-0 whitespace-nowrap ${log.effort === effort ? "border-2 border-ink font-semibold" : ""}`}
              onClick={() => change((before) => ({ ...before, effort }))}
            >
              {effort}
            </Tap>
          ))}
        </div>
        <p className="mt-1 text-soft">{t("0 rest, 10 the hardest there is")}</p>
      </Part>
      <Part title={t("A word to your trainer")}>
        <Input
          aria-label={t("A word to your trainer")}
          wide
          rows={4}
          className="text-lg"
          maxLength={500}
          value={log.note}
          change={(note) => change((before) => ({ ...before, note }))}
        />
      </Part>
      <Part title={t("Back to your trainer")}>
        {nothing ? (
          <p>{t("Nothing was logged yet.")}</p>
        ) : (
          <>
            <Tap tone="act" className="min-h-20 w-full text-2xl" onClick={() => void copy()}>
              {t("Copy the result")}
            </Tap>
            <p role="status" className="mt-2 min-h-6 text-done">
              {copied}
            </p>
            <Picture text={text} />
            <Input
              readOnly
              aria-label={t("The result as text")}
              wide
              rows={4}
              className="mt-3 text-sm break-all"
              value={text}
              onFocus={({ target }) => target.select()}
            />
            <div className="mt-2 grid gap-2">
              <Tap onClick={() => save(text, `${day.name} ${sheet.client}`)}>{t("Save as a file")}</Tap>
            </div>
            {sheet.address && <Send address={sheet.address} text={text} />}
          </>
        )}
        <Tap className="mt-2 w-full" onClick={goOn}>
          {t("Go on with the day")}
        </Tap>
      </Part>
    </main>
  );
}

/** The result as a picture to scan; a very long one is told instead. */
function Picture({ text }: { text: string }) {
  let made;
  try {
    made = QR.create(text, { errorCorrectionLevel: "L" });
  } catch {
    return <p className="text-soft">{t("Too long for a picture: use the text or the file.")}</p>;
  }
  const { size, data } = made.modules;
  let path = "";
  for (let row = 0; row < size; row += 1)
    for (let column = 0; column < size; column += 1)
      if (data[row * size + column]) path += `M${column} ${row}h1v1h-1z`;
  return (
    <svg
      role="img"
      aria-label={t("The result as a picture to scan")}
      viewBox={`-4 -4 ${size + 8} ${size + 8}`}
      className="w-full max-w-sm bg-white"
      shapeRendering="crispEdges"
    >
      <path fill="#fff" d={`M-4 -4h${size + 8}v${size + 8}h-${size + 8}z`} />
      <path fill="#000" d={path} />
    </svg>
  );
}

/** In the studio's own network the result can go straight there, with a code the trainer gives. */
function Send({ address: known, text }: { address: string; text: string }) {
  const [address, setAddress] = useState(known);
  const [code, setCode] = useState("");
  const [told, setTold] = useState("");
  const send = async () => {
    setTold(t("Sending …"));
    try {
      const answer = await fetch(`${address.trim().replace(/\/+$/, "")}/api/home-results/send`, {
        method: "POST",
        body: new URLSearchParams({ text, code }),
      });
      setTold(answer.ok ? t("Sent.") : await answer.text());
    } catch {
      setTold(t("The studio cannot be reached from here. Copy the result instead."));
    }
  };
  return (
    <details className="mt-3">
      <summary className="min-h-12 cursor-pointer py-2 font-medium">
        {t("Send it in the studio’s network")}
      </summary>
      <label className="mb-2 block">
        {t("Address of the studio")}
        <input
          className="mt-1 min-h-14 w-full rounded-lg border border-line-strong bg-raised px-3"
          inputMode="url"
          value={address}
          onChange={({ target }) => setAddress(target.value)}
        />
      </label>
      <label className="block">
        {t("Code from your trainer")}
        <input
          className="mt-1 min-h-14 w-full rounded-lg border border-line-strong bg-raised px-3 text-xl"
          inputMode="numeric"
          autoComplete="one-time-code"
          maxLength={6}
          value={code}
          onChange={({ target }) => setCode(target.value)}
        />
      </label>
      <Tap className="mt-2 w-full" disabled={code.length < 6} onClick={() => void send()}>
        {t("Send")}
      </Tap>
      <p role="status" className="mt-1 min-h-6">
        {told}
      </p>
    </details>
  );
}

function save(text: string, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([`${text}\n`], { type: "text/plain" }));
  link.download = `${name.replaceAll(/[^\p{L}\p{N}]+/gu, "-")}.txt`;
  link.click();
  URL.revokeObjectURL(link.href);
}
