import "./styleNonce";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { begin } from "../access/access";
import { Gate } from "../access/Gate";
import { Problem } from "../api/client";
import { query } from "../api/query";
import { Views } from "./Views";
import { language } from "../ui/words";

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // Asking again helps when the server is away, not when it said no.
      retry: (failures, error) => failures < 2 && !(error instanceof Problem && error.status >= 400),
      networkMode: "always",
    },
    mutations: { networkMode: "always" },
  },
});

document.documentElement.lang = language;

/** How long the first view waits for an answer that is nearly there, milliseconds; then its outline is drawn. */
const NEARLY = 50;

async function open(root: HTMLElement): Promise<void> {
  void begin();
  // What the page asked for as it opened has mostly come before its scripts: drawn at once, without an outline first.
  if (window.location.pathname === "/")
    await Promise.race([
      queries.prefetchQuery(query.today()),
      new Promise((late) => setTimeout(late, NEARLY)),
    ]);
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Gate>
            <Views />
          </Gate>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}

const root = document.getElementById("root");
if (root) void open(root);
