import { FileUp } from "lucide-react";
import { useState } from "react";
import { asked } from "../api/asked";
import type { Body } from "../api/client";
import { withPaths } from "../api/problems";
import { readVehicleFile } from "../api/vehicleFile";
import { FileButton } from "../ui/FileButton";
import { Refused } from "../ui/Refused";
import { t } from "../words";

/** Takes a body from a vehicle file. */
export function VehicleFileButton({ onRead }: { onRead: (file: { name: string; body: Body }) => void }) {
  const [said, setSaid] = useState<string>();
  const read = async (file: File) => {
    const answer = await asked(() => readVehicleFile(file));
    setSaid(
      answer.ok ? undefined : t("wishes.fileNotRead", { file: file.name, why: withPaths(answer.refusal) }),
    );
    if (answer.ok) onRead({ name: file.name, body: answer.data });
  };
  return (
    <>
      <FileButton
        label={t("wishes.vehicleFile")}
        accept=".json,application/json"
        onFile={(file) => void read(file)}
      >
        <FileUp size={18} aria-hidden /> {t("wishes.vehicleFile")}
      </FileButton>
      <Refused said={said} />
    </>
  );
}
