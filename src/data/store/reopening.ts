/** What a database says that was closed: by the browser, which cleared the site or ran short, or for a newer version. */
const isClosed = (error: unknown): boolean => {
  const { name = "", message = "" } = error as Partial<Error>;
  return name === "InvalidStateError" || /clos(ing|ed)/i.test(message);
};

/**
 * A connection that is held over many small pieces of work, and opened anew where the browser closed it: the work is then done once
 * more, since nothing of it was begun. After any other failure the next work opens it anew.
 */
export function reopening<DB>(open: () => Promise<DB>): <T>(work: (db: DB) => Promise<T>) => Promise<T> {
  let opened: Promise<DB> | undefined;
  return async (work) => {
    for (let tries = 1; ; tries++) {
      opened ??= open();
      const mine = opened;
      try {
        return await work(await mine);
      } catch (error) {
        if (opened === mine) opened = undefined;
        if (tries > 1 || !isClosed(error)) throw error;
      }
    }
  };
}
