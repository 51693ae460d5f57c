import { FileUp } from "lucide-react";
import { Frame } from "../frame/Frame";
import { Button } from "../ui/Button";
import { FileButton } from "../ui/FileButton";
import { Notice } from "../ui/Notice";
import { Refused } from "../ui/Refused";
import { t } from "../words";
import { Lesson } from "./Lesson";
import { useTraining } from "./useTraining";

/** Faults to be found: those that come with it, and those that somebody made. */
export function TrainingPage() {
  const training = useTraining();
  const { exercise, view } = training;
  if (exercise && view)
    return <Lesson key={exercise.hidden} exercise={exercise} view={view} training={training} />;
  return (
    <Frame>
      <div className="mx-auto grid max-w-3xl gap-4 px-4 py-5">
        <div className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-2xl font-bold">{t("training.training")}</h1>
          <FileButton
            label={t("training.exerciseFile")}
            accept=".json,application/json"
            onFile={(file) => void training.open(file)}
          >
            <FileUp size={18} aria-hidden /> {t("training.openAnExercise")}
          </FileButton>
        </div>
        <p>{t("training.whatItIs")}</p>
        <Refused said={training.said} />
        {training.shipped.why && <Notice alert title={training.shipped.why} />}
        {exercise && training.why && <Notice alert title={training.why} />}
        {exercise && !training.why && <Notice title={t("training.preparing")} />}
        <ul className="grid gap-1">
          {training.shipped.answer?.map((one) => (
            <li
              key={one.hidden}
              data-exercise={one.title}
              className="flex items-center gap-3 border border-seam bg-slab px-3"
            >
              <span className="min-w-0 flex-1">{one.title}</span>
              <Button onClick={() => training.begin(one)}>{t("training.begin")}</Button>
            </li>
          ))}
        </ul>
      </div>
    </Frame>
  );
}
