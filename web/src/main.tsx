import "./app/styleNonce";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { Gate } from "./access/Gate";
import { Problem } from "./api/client";
import { router } from "./app/routes";
import { language } from "./ui/words";
import "./styles/index.css";

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

// Installed, and there when the server is away; what is on the screen is asked for once more, so that it is kept too.
if (import.meta.env.PROD && "serviceWorker" in navigator) {
  void navigator.serviceWorker.register("/sw.js");
  navigator.serviceWorker.addEventListener(
    "controllerchange",
    () => void queries.refetchQueries({ type: "active" }),
  );
}

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
