import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api, type Rig, type Walk } from "../api/client";

/** What the server says of the vehicle as it stands on screen; the last answer stays while a newer one comes or cannot be had. */
export function useWalk(rig: Rig): { answer: Walk | undefined; failed: boolean } {
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
  return { answer: walk.data ?? last, failed: walk.isError };
}
