import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api, type Rig } from "../api/client";

/** What the server says of the vehicle as it stands on screen; the last answer stays while a newer one comes. */
export function useWalk(rig: Rig) {
  return useQuery({
    queryKey: ["walk", rig],
    queryFn: async ({ signal }) => {
      const { data } = await api.POST("/api/walk", { body: { rig }, signal });
      if (!data) throw new Error("The vehicle cannot be drawn as it stands.");
      return data;
    },
    placeholderData: keepPreviousData,
    retry: false,
  });
}
