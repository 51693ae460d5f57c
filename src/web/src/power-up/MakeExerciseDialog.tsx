import { useState } from "react";
import { useNavigate } from "react-router";
import { asked } from "../api/asked";
import { api, type Exercise, type Rig } from "../api/client";
import { type FieldErrors, noErrors, withPaths } from "../api/problems";
import { Button } from "../ui/Button";
import { ChoiceField } from "../ui/ChoiceField";
import { Dialog } from "../ui/Dialog";
import { NumberField } from "../ui/NumberField";
import { saveAs } from "../ui/saveAs";
import { TextField } from "../ui/TextField";
import { t } from "../words";

/** What a file holds beside its heading. */
function exerciseIn(file: string): Exercise {
  const { title, rig, line, seed, hidden } = JSON.parse(file) as Exercise;
  return { title, rig, line, seed, hidden };
}

/** Makes an exercise of the job and a fault, to be begun at once, or saved as a file with the fault hidden. */
export function MakeExerciseDialog({
  rig,
  job,
  fault,
  name,
  lines,
  onClose,
}: {
  rig: Rig;
  job: string;
  /** Key of the fault; empty: one of the line is drawn. */
  fault: string;
  name: string;
  lines: readonly { id: string; name: string }[];
  onClose: () => void;
}) {
  const [title, setTitle] = useState(job);
  const [line, setLine] = useState(lines[0]?.id ?? "");
  const [seed, setSeed] = useState<number | undefined>(1);
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [why, setWhy] = useState("");
  const navigate = useNavigate();
  const make = async (then: (file: string) => void) => {
    const came = await asked(() =>
      api.POST("/api/preview/exercise", {
        body: { rig, title, line, seed: seed ?? 0, fault },
        parseAs: "text",
      }),
    );
    setErrors(!came.ok && came.refusal.kind === "fields" ? came.refusal.errors : noErrors);
    setWhy(came.ok || came.refusal.kind === "fields" ? "" : withPaths(came.refusal));
    if (!came.ok) return;
    then(came.data as unknown as string);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title={t("training.makeAnExercise")}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void make((file) => saveAs("exercise.json", file, "application/json"));
        }}
      >
        <p>{name}</p>
        <TextField label={t("training.title")} value={title} onChange={setTitle} messages={errors.title} />
        <ChoiceField
          label={t("powerUp.line")}
          value={line}
          options={lines.map((one) => ({ value: one.id, label: one.name }))}
          onChange={setLine}
          messages={[...(errors.line ?? []), ...(errors.fault ?? [])]}
        />
        <NumberField label={t("training.seed")} value={seed} onChange={setSeed} messages={errors.seed} />
        {why && <p role="alert">{why}</p>}
        <div className="flex flex-wrap gap-2">
          <Button type="submit">{t("training.saveExercise")}</Button>
          <Button
            onClick={() =>
              void make((file) => navigate("/training", { state: { exercise: exerciseIn(file) } }))
            }
          >
            {t("training.beginAtOnce")}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}
