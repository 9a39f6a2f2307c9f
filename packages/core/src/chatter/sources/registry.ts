import { bar } from './bar';
import { gears } from './gears';
import { jaws } from './jaws';
import { turns } from './turns';
import { work } from './work';
import type { Source } from './kind';

/** Everything that is looked for behind a pitch: a new one is a file and a line. */
export const SOURCES: readonly Source[] = [bar, work, gears, jaws, turns];
