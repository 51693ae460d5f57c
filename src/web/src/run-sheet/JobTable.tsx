import { useState } from "react";
import { asCsv } from "../api/asBody";
import { asked } from "../api/asked";
import { api } from "../api/client";
import { withPaths } from "../api/problems";
import { Refused } from "../ui/Refused";
import { TableFile } from "../ui/TableFile";

/** A table of the job's record, from a file and as one. */
export function JobTable({
  job,
  file,
  label,
  asFile,
  again,
}: {
  job: string;
  file: "findings.csv" | "wire-register.csv";
  label: string;
  asFile: string;
  again: () => void;
}) {
  const [said, setSaid] = useState<string>();
  const take = async (table: File) => {
    const asking = { params: { path: { id: job } }, ...asCsv(table) };
    const came = await asked(() => api.POST(`/api/jobs/{id}/${file}`, asking));
    setSaid(came.ok ? undefined : withPaths(came.refusal));
    if (came.ok) again();
  };
  return (
    <>
      <TableFile
        label={label}
        href={`/api/jobs/${job}/${file}`}
        asFile={asFile}
        onFile={(table) => void take(table)}
      />
      <Refused said={said} />
    </>
  );
}
