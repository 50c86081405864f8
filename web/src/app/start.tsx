import "./styleNonce";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { Gate } from "../access/Gate";
import { Problem } from "../api/client";
import { router } from "./routes";
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

const root = document.getElementById("root");
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Gate>
          <RouterProvider router={router} />
        </Gate>
      </QueryClientProvider>
    </StrictMode>,
  );
}
