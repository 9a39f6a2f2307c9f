// The house's own rules for the linter of scripts: each finds what a selector finds.
import { FEATURE_BY_KIND, MOCKED, RECORD_BY_KIND, USUAL_ELSEWHERE, WAY_BY_ID } from './words.mjs';

/** @param {{ selector: string, message: string }} word */
const never = ({ selector, message }) => ({
  /** @param {{ report(found: { node: unknown, message: string }): void }} context */
  create: (context) => ({
    /** @param {unknown} node */
    [selector]: (node) => context.report({ node, message }),
  }),
});

export default {
  meta: { name: 'anello' },
  rules: {
    'way-by-id': never(WAY_BY_ID),
    'feature-by-kind': never(FEATURE_BY_KIND),
    'record-by-kind': never(RECORD_BY_KIND),
    'usual-elsewhere': never(USUAL_ELSEWHERE),
    mocked: never(MOCKED),
  },
};
