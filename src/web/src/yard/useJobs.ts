import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type JobSummary } from "../api/client";
import { type Refusal, refusal } from "../api/problems";

const jobsKey = (archived: boolean) => ["jobs", { archived }] as const;

export function useJobs(archived: boolean) {
  return useQuery({
    queryKey: jobsKey(archived),
    queryFn: async ({ signal }) => {
      const { data } = await api.GET("/api/jobs", { params: { query: { archived } }, signal });
      if (!data) throw new Error("The jobs could not be read.");
      return data;
    },
  });
}

export type Changed<Data> = { ok: true; data: Data } | { ok: false; refusal: Refusal };

export async function answered<Data>(
  call: Promise<{ data?: Data; error?: unknown }>,
): Promise<Changed<Data>> {
  try {
    const { data, error } = await call;
    return data !== undefined ? { ok: true, data } : { ok: false, refusal: refusal(error) };
  } catch {
    return { ok: false, refusal: { kind: "unreachable" } };
  }
}

export function useNewJob() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (job: { name: string; systemVolts: number; units: "metric" | "imperial"; note: string }) =>
      answered(api.POST("/api/jobs", { body: job })),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}

export type DetailsChange = { name?: string; note?: string; archived?: boolean };

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
      answered(
        api.PATCH("/api/jobs/{id}", {
          params: { path: { id: job.id } },
          body: { onVersion: job.detailsVersion, ...change },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}

/** Opens a new job from the text of a job file; the server reads it and says what it cannot take. */
export function useJobFile() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (text: string) =>
      answered(
        api.POST("/api/job-files", {
          body: text as never,
          bodySerializer: (body) => body as unknown as string,
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: ["jobs"] }),
  });
}
