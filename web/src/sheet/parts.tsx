// The few things the sheet is made of: large under a thumb, alike in all its screens.
import type { ButtonHTMLAttributes, ReactNode } from "react";

const tones = {
  act: "bg-ember text-on-ember font-semibold",
  plain: "border border-line-strong bg-raised",
  stop: "border border-stop text-stop bg-raised",
};

/** A button of at least 56 px; `act` is the one thing to do now. */
export function Tap({
  tone = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: keyof typeof tones }) {
  return (
    <button
      type="button"
      className={`min-h-14 rounded-lg px-4 text-lg leading-tight disabled:opacity-60 ${tones[tone]} ${className}`}
      {...rest}
    />
  );
}

/** A heading with what belongs to it. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-6">
      <h2 className="mb-2 text-xl font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** One more or one less of a figure. */
export function Stepper({
  label,
  less,
  more,
  value,
  onLess,
  onMore,
}: {
  label: string;
  less: string;
  more: string;
  value: string;
  onLess: (() => void) | undefined;
  onMore: (() => void) | undefined;
}) {
  const side =
    "min-h-14 min-w-14 rounded-lg border border-line-strong bg-raised text-2xl disabled:opacity-50";
  return (
    <div role="group" aria-label={label} className="flex items-center gap-3">
      <button type="button" aria-label={less} className={side} onClick={onLess} disabled={!onLess}>
        −
      </button>
      <p className="grow text-center text-2xl font-semibold" aria-live="polite">
        {value}
      </p>
      <button type="button" aria-label={more} className={side} onClick={onMore} disabled={!onMore}>
        +
      </button>
    </div>
  );
}
