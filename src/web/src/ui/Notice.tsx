import type { ReactNode } from "react";

/** A plain face for what is empty, slow or failed. */
export function Notice({
  title,
  children,
  alert = false,
}: {
  title: string;
  children?: ReactNode;
  alert?: boolean;
}) {
  return (
    <div
      role={alert ? "alert" : "status"}
      className={`mx-auto my-10 max-w-lg border-l-4 bg-slab p-5 ${alert ? "border-oxide" : "border-edge"}`}
    >
      <p className="text-lg font-semibold">{title}</p>
      {children && <div className="mt-2 text-dust">{children}</div>}
    </div>
  );
}
