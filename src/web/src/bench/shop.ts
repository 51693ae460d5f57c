import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { asCsv } from "../api/asBody";
import { asked, type Came } from "../api/asked";
import { api, type Shop, type ShopAnswer } from "../api/client";
import { type FieldErrors, noErrors, sentenceOf, under } from "../api/problems";
import { useAnswer } from "../ui/useAnswer";
import { useStable } from "../ui/useStable";

const key = ["shop"];
const settleMilliseconds = 400;

/** What the workshop charges by and has in stock; what is typed is sent once it has settled, one change at a time. */
export function useShop(changed: () => void) {
  const queries = useQueryClient();
  const { answer, failed, why, again } = useAnswer(key, (signal) => api.GET("/api/shop", { signal }));
  const [typed, setTyped] = useState<Partial<Shop>>({});
  const [errors, setErrors] = useState<FieldErrors>(noErrors);
  const [trouble, setTrouble] = useState<string>();
  const waiting = useRef<Partial<Shop>>(undefined);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const taken = (came: Came<ShopAnswer>) => {
    setErrors(!came.ok && came.refusal.kind === "fields" ? under(came.refusal.errors, "shop") : noErrors);
    setTrouble(came.ok ? undefined : sentenceOf(came.refusal));
    if (came.ok) {
      queries.setQueryData(key, came.data);
      if (!waiting.current) setTyped({});
      changed();
    } else if (came.refusal.kind !== "fields") again();
  };
  const send = useStable(async () => {
    clearTimeout(timer.current);
    const [change, known] = [waiting.current, queries.getQueryData<ShopAnswer>(key)];
    if (!change || !known) return;
    waiting.current = undefined;
    const body = { shop: { ...known.shop, ...change }, onVersion: known.version };
    taken(await asked(() => api.PUT("/api/shop", { body })));
  });
  useEffect(() => () => void send(), [send]);
  const put = (change: Partial<Shop>) => {
    setTyped((before) => ({ ...before, ...change }));
    waiting.current = { ...waiting.current, ...change };
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void send(), settleMilliseconds);
  };
  const importCsv = async (file: File) => {
    await send();
    taken(await asked(() => api.POST("/api/shop/prices.csv", asCsv(file))));
  };
  return {
    shop: answer && { ...answer.shop, ...typed },
    currencies: answer?.currencies ?? [],
    failed,
    why,
    errors,
    trouble,
    put,
    importCsv,
  };
}

export type ShopDesk = ReturnType<typeof useShop>;
