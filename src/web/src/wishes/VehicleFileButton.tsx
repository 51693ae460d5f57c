import { FileUp } from "lucide-react";
import { useRef, useState } from "react";
import { asBody } from "../api/asBody";
import { asked } from "../api/asked";
import { api, type Body } from "../api/client";
import { withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { Refused } from "../ui/Refused";
import { t } from "../words";

/** Takes a body from a vehicle file. */
export function VehicleFileButton({ onRead }: { onRead: (file: { name: string; body: Body }) => void }) {
  const picker = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<string>();
  const read = async (file: File) => {
    const answer = await asked(() => api.POST("/api/preview/vehicle-file", asBody(file, "application/json")));
    setSaid(
      answer.ok ? undefined : t("wishes.fileNotRead", { file: file.name, why: withPaths(answer.refusal) }),
    );
    if (answer.ok) onRead({ name: file.name, body: answer.data });
  };
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        tabIndex={-1}
        aria-label={t("wishes.vehicleFile")}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void read(file);
        }}
      />
      <Button onClick={() => picker.current?.click()}>
        <FileUp size={18} aria-hidden /> {t("wishes.vehicleFile")}
      </Button>
      <Refused said={said} />
    </>
  );
}
