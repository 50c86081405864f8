import type { ReactNode } from "react";

const looks = {
  button:
    "inline-flex min-h-9 cursor-pointer items-center rounded-md border border-line-strong bg-raised px-3 focus-within:outline-2 focus-within:outline-offset-2 hover:border-ink",
  link: "mt-1 inline-flex min-h-9 cursor-pointer items-center rounded text-sm underline focus-within:outline-2 focus-within:outline-offset-2",
};

/** A file chosen from this device; the same one can be chosen again. */
export function FilePick({
  accept,
  choose,
  look = "button",
  children,
}: {
  accept: string;
  choose: (file: File) => void;
  look?: keyof typeof looks;
  children: ReactNode;
}) {
  return (
    <label className={looks[look]}>
      {children}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) choose(file);
        }}
      />
    </label>
  );
}
