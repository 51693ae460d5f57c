import { Archive, RotateCcw, Undo2 } from "lucide-react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { asked } from "../api/asked";
import { api } from "../api/client";
import { withPaths } from "../api/problems";
import { whoHere } from "../job/who";
import { Button } from "../ui/Button";
import { linkLook } from "../ui/linkLook";
import { Refused } from "../ui/Refused";
import { TextField } from "../ui/TextField";
import { t } from "../words";
import type { HandOverDesk } from "./useHandOver";

/** The job as an archive, and the vehicle when it comes back. */
export function LaterPane({ desk, job, name }: { desk: HandOverDesk; job: string; name: string }) {
  const [next, setNext] = useState(() => t("handOver.nextVisit", { name }));
  const [said, setSaid] = useState("");
  const [busy, setBusy] = useState(false);
  const go = useNavigate();
  const open = async (toStandard: boolean) => {
    setBusy(true);
    const came = await asked(() =>
      api.POST("/api/jobs/{id}/again", {
        params: { path: { id: job } },
        body: { name: next, toStandard, who: whoHere(), client: t("handOver.thisBrowser") },
      }),
    );
    setBusy(false);
    setSaid(came.ok ? "" : withPaths(came.refusal));
    if (came.ok) go(`/jobs/${came.data.id}/${toStandard ? "run-sheet" : "walkaround"}`);
  };
  const signed = desk.view?.signOff != null;
  return (
    <div className="grid content-start gap-3" data-later>
      <section className="grid gap-2 border border-seam bg-slab p-2">
        <h2 className="font-semibold">{t("handOver.archive")}</h2>
        <p className="text-sm">{t("handOver.archiveHow")}</p>
        <a
          className={`${linkLook} justify-self-start`}
          href={`/api/jobs/${job}/archive.zip?paper=${desk.paper}&units=${desk.units}`}
          download
        >
          <Archive size={18} aria-hidden /> {t("handOver.archiveZip")}
        </a>
      </section>
      <section className="grid gap-2 border border-seam bg-slab p-2">
        <h2 className="font-semibold">{t("handOver.comesBack")}</h2>
        {signed ? (
          <>
            <TextField label={t("handOver.nameOfNext")} value={next} onChange={setNext} />
            <p className="text-sm">{t("handOver.addMoreHow")}</p>
            <Button disabled={busy} className="justify-self-start" onClick={() => void open(false)}>
              <RotateCcw size={18} aria-hidden /> {t("handOver.addMore")}
            </Button>
            <p className="text-sm">{t("handOver.toStandardHow")}</p>
            <Button disabled={busy} className="justify-self-start" onClick={() => void open(true)}>
              <Undo2 size={18} aria-hidden /> {t("handOver.toStandard")}
            </Button>
            <Refused said={said} />
          </>
        ) : (
          <p className="text-sm">{t("handOver.signFirst")}</p>
        )}
      </section>
    </div>
  );
}
