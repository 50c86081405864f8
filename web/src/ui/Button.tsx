import type { ButtonHTMLAttributes } from "react";

type Tone = "act" | "plain" | "quiet" | "stop";

const tones: Record<Tone, string> = {
  act: "bg-ember text-on-ember font-semibold hover:brightness-110",
  plain: "bg-raised border border-line-strong hover:border-ink",
  quiet: "hover:bg-sunk",
  stop: "text-stop border border-stop/50 hover:bg-stop-wash",
};

/** One button. Ember (`act`) marks the one thing to do now; a view has at most one of it in reach. */
export function Button({
  tone = "plain",
  big = false,
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: Tone; big?: boolean }) {
  const size = big ? "min-h-14 px-5 text-lg rounded-lg" : "min-h-9 px-3 rounded-md";
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2 whitespace-nowrap transition-colors disabled:bg-sunk disabled:text-soft disabled:brightness-100 ${size} ${tones[tone]} ${className}`}
      {...rest}
    />
  );
}
