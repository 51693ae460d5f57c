const whoKey = "burly-ridge-who";

/** Who writes into the record from this browser, as typed. */
export const whoHere = () => localStorage.getItem(whoKey) ?? "";

export const setWhoHere = (who: string) => localStorage.setItem(whoKey, who);
