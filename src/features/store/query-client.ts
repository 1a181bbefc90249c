import { QueryClient } from "@tanstack/react-query";

/** Everything is local: queries and writes never wait for a network, and nothing goes stale by itself. */
export const createQueryClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: { networkMode: "always", staleTime: Infinity, gcTime: Infinity, retry: false },
      mutations: { networkMode: "always", retry: false },
    },
  });
