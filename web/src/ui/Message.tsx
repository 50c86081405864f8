import type { ReactNode } from "react";

const tones = {
  caution: "bg-caution-wash text-caution border-caution/40",
  stop: "bg-stop-wash text-stop border-stop/40",
  done: "bg-done-wash text-done border-done/40",
  plain: "bg-sunk text-ink border-line",
};

/** A calm sentence in its place; `stop` is announced at once. */
export function Message({
  tone = "plain",
  children,
  className = "",
}: {
  tone?: keyof typeof tones;
  children: ReactNode;
  className?: string;
}) {
  return (
    <div
      role={tone === "stop" ? "alert" : "status"}
      className={`rounded-md border px-3 py-2 ${tones[tone]} ${className}`}
    >
      {children}
    </div>
  );
}
