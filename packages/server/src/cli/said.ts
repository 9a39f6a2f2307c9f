/** Runs a command's work; what goes wrong is a sentence and an exit code, never a trace. */
export function said(work: () => unknown): void {
  Promise.resolve()
    .then(work)
    .catch((error: unknown) => {
      console.error(error instanceof Error ? error.message : error);
      process.exit(1);
    });
}
