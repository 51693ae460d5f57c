import { Link, Navigate, Route, Routes, useParams } from "react-router";
import { Frame } from "../frame/Frame";
import { GlossaryPage } from "../help/GlossaryPage";
import { TourCard } from "../help/TourCard";
import { JobPage } from "../job/JobPage";
import { lastStage } from "../job/lastStage";
import { QuickSizePage } from "../quick-size/QuickSizePage";
import { TrainingPage } from "../training/TrainingPage";
import { Notice } from "../ui/Notice";
import { NewJobPage } from "../wishes/NewJobPage";
import { t } from "../words";
import { YardPage } from "../yard/YardPage";

export function Pages() {
  return (
    <>
      <TourCard />
      <Routes>
        <Route path="/" element={<YardPage />} />
        <Route path="/glossary" element={<GlossaryPage />} />
        <Route path="/new-job" element={<NewJobPage />} />
        <Route path="/quick-size" element={<QuickSizePage />} />
        <Route path="/training" element={<TrainingPage />} />
        <Route path="/jobs/:jobId" element={<ToLastStage />} />
        <Route path="/jobs/:jobId/:stage" element={<JobPage />} />
        <Route
          path="*"
          element={
            <Frame>
              <Notice title={t("app.thereIsNoSuchPage")}>
                <Link to="/" className="underline">
                  {t("app.backToTheYard")}
                </Link>
              </Notice>
            </Frame>
          }
        />
      </Routes>
    </>
  );
}

/** A job by its address alone opens where it was last looked at. */
function ToLastStage() {
  const { jobId = "" } = useParams();
  return <Navigate replace to={`/jobs/${jobId}/${lastStage(jobId)}`} />;
}
