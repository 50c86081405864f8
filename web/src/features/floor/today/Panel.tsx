import { actionOf } from "../../../app/keys/shortcuts";
import { useFloorKeys, useNamed } from "../pane";
import { ArrowLeft } from "lucide-react";
import { useEffect, useRef, type ReactNode } from "react";

/** Takes the place of the set while something else is answered; nothing lies over anything, and back is one tap. */
export function Panel({
  title,
  back,
  onBack,
  children,
}: {
  title: string;
  /** The words of the way back; null where the panel's own button is the only way on. */
  back: string | null;
  onBack: () => void;
  children: ReactNode;
}) {
  const named = useNamed();
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => heading.current?.focus(), []);
  useFloorKeys((event) => {
    if (actionOf("panel", event) === "back") onBack();
  });
  return (
    <section aria-label={named(title)} className="flex grow flex-col px-4 pt-3 pb-4">
      <div className="flex items-start gap-3">
        <h2
          ref={heading}
          tabIndex={-1}
          className="mr-auto text-2xl leading-tight font-semibold outline-none @floor:text-3xl"
        >
          {title}
        </h2>
        {back && (
          <button
            type="button"
            onClick={onBack}
            className="flex min-h-12 shrink-0 items-center gap-1.5 rounded-md px-2 hover:bg-sunk"
          >
            <ArrowLeft size={18} aria-hidden />
            {back}
          </button>
        )}
      </div>
      {children}
    </section>
  );
}

/** A tall choice with a line of reasons under it. */
export function Offer({
  title,
  more,
  onClick,
  tone = "plain",
}: {
  title: ReactNode;
  more?: ReactNode;
  onClick: () => void;
  tone?: "plain" | "act" | "stop";
}) {
  const tones = {
    plain: "border-line-strong bg-raised hover:border-ink",
    act: "border-ember bg-ember-wash",
    stop: "border-stop/50 bg-raised text-stop hover:bg-stop-wash",
  };
  return (
    <button
      type="button"
      onClick={onClick}
      className={`block min-h-14 w-full rounded-lg border px-4 py-2 text-left ${tones[tone]}`}
    >
      <span className="block text-lg leading-snug font-medium">{title}</span>
      {more && <span className="block text-soft">{more}</span>}
    </button>
  );
}
