import { notifyManager, QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { setNonce } from "get-nonce";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { Pages } from "./app/Pages";
import "./styles.css";

// Dialogs put a style element into the page to keep it from scrolling; the server says by which number it knows it.
const nonce = document.querySelector<HTMLMetaElement>("meta[name='style-nonce']")?.content;
if (nonce) setNonce(nonce);

// An answer is drawn as it comes, not a turn of the clock later.
notifyManager.setScheduler(queueMicrotask);
const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });
const root = document.getElementById("root");
if (!root) throw new Error("The page has no root element.");

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Pages />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
