import { useDeferredValue } from "react";

/** Whether what can wait is drawn: at once after the first picture of a stage, which is drawn when it is ready. */
export const useLater = (ready: boolean) => useDeferredValue(ready, false);
