import type { ChildProcess } from 'node:child_process';

export declare const root: string;
export declare const CHROMIUM_FLAGS: string[];
export declare function startServer(options: {
  dataFolder: string;
  port: number;
  flags?: string[];
  env?: Record<string, string>;
  nodeFlags?: string[];
}): Promise<ChildProcess>;

/** Path of a Chromium to use; fetched with the system's packages when it is missing. */
export function ensureChromium(): string;
