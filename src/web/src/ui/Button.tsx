import type { ComponentProps } from "react";

type Look = "main" | "plain" | "quiet" | "ticket";

const looks: Record<Look, string> = {
  main: "bg-spruce text-on-spruce border-spruce hover:brightness-125",
  plain: "bg-slab text-ink border-edge hover:bg-lichen-shade",
  quiet: "border-transparent text-ink underline underline-offset-4 decoration-edge hover:bg-lichen-shade",
  ticket: "border-transparent text-on-spruce hover:bg-white/10",
};

export function Button({
  look = "plain",
  className = "",
  ...rest
}: ComponentProps<"button"> & { look?: Look }) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-11 min-w-11 items-center justify-center gap-2 rounded-sm border px-3 font-medium disabled:opacity-45 ${looks[look]} ${className}`}
      {...rest}
    />
  );
}
