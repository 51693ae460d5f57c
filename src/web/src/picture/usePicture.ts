import { api, type PictureView } from "../api/client";
import { useAnswer } from "../ui/useAnswer";

/** The vehicle of a job from its left side; undefined where it has none, or none yet. */
export const usePicture = (jobId: string, version: string | number, enabled = true) =>
  useAnswer<PictureView>(
    ["picture", jobId, version],
    (signal) => api.GET("/api/jobs/{id}/picture", { params: { path: { id: jobId } }, signal }),
    { enabled, keep: jobId, early: true },
  ).answer;
