import { useQuery } from "@tanstack/react-query";
import { orRefused } from "../api/asked";
import { api } from "../api/client";

const none: readonly string[] = [];

/** What is no longer as it was signed at the hand-over; looked up once, as the job is opened. */
export function useSeal(job: string): readonly string[] {
  const seal = useQuery({
    queryKey: ["seal", job],
    queryFn: ({ signal }) =>
      orRefused(() => api.GET("/api/jobs/{id}/seal", { params: { path: { id: job } }, signal })),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  return seal.data?.broken ?? none;
}
