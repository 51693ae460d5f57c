import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, type Rig, type Walk } from "../api/client";

const slowMilliseconds = 1000;

/** What the server says of the vehicle as it stands on screen; the last answer stays while a newer one comes or cannot be had. */
export function useWalk(rig: Rig): {
  answer: Walk | undefined;
  failed: boolean;
  /** Longer than a second under way. */
  slow: boolean;
} {
  const walk = useQuery({
    queryKey: ["walk", rig],
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/walk", { body: { rig }, signal });
      if (!data) throw new Error("The vehicle cannot be drawn as it stands.");
      return data;
    },
    retry: false,
  });
  const [last, setLast] = useState<Walk>();
  useEffect(() => {
    if (walk.data) setLast(walk.data);
  }, [walk.data]);
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    const timer = walk.isFetching ? setTimeout(() => setSlow(true), slowMilliseconds) : undefined;
    return () => {
      clearTimeout(timer);
      setSlow(false);
    };
  }, [walk.isFetching]);
  return { answer: walk.data ?? last, failed: walk.isError, slow };
}
