import type { ChildProcess } from 'node:child_process';

export declare const root: string;
export declare const CHROMIUM_FLAGS: string[];
export declare function startServer(options: {
  dataFolder: string;
  port: number;
  flags?: string[];
}): Promise<ChildProcess>;
