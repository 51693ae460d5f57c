import { api, type PlansAnswer, type Rig } from "../api/client";
import { rigId } from "../job/rigId";
import { useProgress } from "../ui/useProgress";

/** So long after the last change plans are searched for. */
const settleMilliseconds = 500;

/** Plans for what a rig's wishes ask for, searched anew with each change of it. */
export const usePlans = (rig: Rig, job: string, enabled: boolean) =>
  useProgress<PlansAnswer>(
    `${job} ${rigId(rig)}`,
    (signal) => api.POST("/api/preview/plans", { body: { rig, job }, parseAs: "stream", signal }),
    { enabled, settle: settleMilliseconds },
  );
