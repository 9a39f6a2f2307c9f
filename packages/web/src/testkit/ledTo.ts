import type { Router } from 'vue-router';

/** A router that goes nowhere: it writes down where it was sent, and nobody else sends it. */
export function ledTo(went: string[]): Router {
  const go = async (to: string): Promise<void> => void went.push(to);
  const router = { push: go, replace: go, beforeEach: () => () => undefined };
  return router as unknown as Router;
}
