import { NO_JUMP, type Tool } from './behaviours/behaviour';

/** A tool that takes four fifths of what is asked of it at once, and nothing else happens to it. */
export const PLAIN_TOOL: Tool = {
  gain: 0.8,
  scatter: 0.0005,
  offset: 0,
  offsetSpread: 0,
  dial: 1,
  wear: 0,
  jumps: NO_JUMP,
  weight: 1,
};
