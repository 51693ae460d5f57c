import { useMutation, useQueryClient } from "@tanstack/react-query";
import { asBody } from "../api/asBody";
import { asked } from "../api/asked";
import { api, type JobParticulars, type JobSummary, type NewJob } from "../api/client";
import { useAnswer } from "../ui/useAnswer";

const jobsKey = (archived: boolean) => ["jobs", { archived }] as const;

export function useJobs(archived: boolean) {
  return useAnswer(
    jobsKey(archived),
    (signal) => api.GET("/api/jobs", { params: { query: { archived } }, signal }),
    { keep: `${archived}` },
  );
}

export function useNewJob() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (job: NewJob) => asked(() => api.POST("/api/jobs", { body: job })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}

export type DetailsChange = {
  name?: string;
  note?: string;
  archived?: boolean;
  particulars?: JobParticulars;
};

export function useDetailsChange() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({
      job,
      change,
    }: {
      job: Pick<JobSummary, "id" | "detailsVersion">;
      change: DetailsChange;
    }) =>
      asked(() =>
        api.PATCH("/api/jobs/{id}", {
          params: { path: { id: job.id } },
          body: { onVersion: job.detailsVersion, ...change },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}

/** Deletes an archived job for good; its name is given as it stands. */
export function useDeletion() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ id, name }: { id: string; name: string }) =>
      asked(() => api.DELETE("/api/jobs/{id}", { params: { path: { id }, query: { name } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}

const isArchive = (file: File) => file.name.toLowerCase().endsWith(".zip");

/** Opens a job from a job file or from an archive; the server reads it and says what it cannot take. */
export function useJobFile() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (file: File) =>
      asked(() =>
        isArchive(file)
          ? api.POST("/api/archives", asBody(file, "application/zip"))
          : api.POST("/api/job-files", asBody(file, "application/json")),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}
