import { useEffect, useState, type ReactNode } from "react";
import { Message } from "@/ui/controls/Message";

/**
 * A module that comes when it is first needed. Loaded by hand and not by Suspense, which would hold the first picture
 * back for a third of a second.
 */
function useLate<M>(load: () => Promise<M>): M | "failed" | undefined {
  const [module, setModule] = useState<M | "failed">();
  useEffect(() => {
    load().then(
      (loaded) => setModule(() => loaded),
      () => setModule("failed"),
    );
  }, [load]);
  return module;
}

interface Props<M> {
  readonly load: () => Promise<M>;
  /** Said while it comes; nothing is where it is left out, as within a drawing that is whole without it. */
  readonly waiting?: string;
  readonly children: (module: M) => ReactNode;
}

/** Draws with a late module; says that it is coming, or that it could not be loaded. */
export function Late<M>({ load, waiting, children }: Props<M>) {
  const module = useLate(load);
  if (waiting === undefined && (!module || module === "failed")) return null;
  if (module === "failed")
    return (
      <Message
        tone="danger"
        title="This part could not be loaded"
        body="The network or the server is gone. Load the page again; your outings are safe in this browser."
      />
    );
  if (!module) return <Message title={waiting ?? ""} />;
  return children(module);
}
