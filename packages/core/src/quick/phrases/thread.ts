import { AnelloError } from '../../basics/error';
import { count, length } from '../../figure/figure';
import { MM_PER_INCH } from '../../figure/format';
import { drillMark, EVERY_MARKED } from '../../quantity/drillMarks';
import { threadNamed, type NamedThread } from '../../thread/designation';
import { outsideThread } from '../../thread/outside';
import { tapDrill } from '../../thread/tapDrill';
import { USUAL_ENGAGEMENT } from '../../thread/usual';
import { besides } from '../asked';
import type { QuickLine, QuickPhrase } from '../quickPhrase';

const TENTH = 0.1;
/** What names a thread and nothing else: M10, 1/4 UNC, G1/2, #10-32. */
const SIGNED =
  /^(?:m\s*\d|g\s*\d|bspp?\s*\d|(?:#|no\.?\s*)\d+\s*-\s*\d)|\b(?:un[cf]|unef|uns?|bsw|bsf|bspp?|whit\w*)\b/i;
/** 1/4-20 is a thread before it is a quarter less twenty. */
const WITH_PITCH = /^(?:\d+[ -])?\d+\/\d+\s*-\s*\d+$/;
const KNOWN_SERIES = /UNC|UNF|UNEF/;

/** thread M10, tap 1/4-20, or the thread alone: what to drill for it, how deep it is cut, its pitch. */
export const threadPhrase: QuickPhrase = {
  id: 'thread',
  example: 'M10',
  also: ['tap 1/4-20', 'thread G1/2'],
  what: 'a thread: its tapping drill, depth and core',
  answer(text) {
    const asked = besides(text, /^(?:thread|tap(?:ping)?(?:\s+drill)?)\b(?:\s+for\b)?/i);
    const said = asked ?? text;
    if (asked === null && !SIGNED.test(said) && !WITH_PITCH.test(said)) return null;
    try {
      const thread = threadNamed(said);
      if (asked === null && WITH_PITCH.test(said) && !KNOWN_SERIES.test(thread.name)) return null;
      return { heading: thread.name, lines: linesOf(thread) };
    } catch (error) {
      if (asked === null && WITH_PITCH.test(said) && error instanceof AnelloError) return null;
      throw error;
    }
  },
};

function linesOf(thread: NamedThread): QuickLine[] {
  const { depth, core, pitchDiameter } = outsideThread(thread);
  const metric = thread.form === 'metric';
  const turns = Number((MM_PER_INCH / thread.pitch).toFixed(2));
  const { exact, owned } = tapDrill({ thread, engagement: USUAL_ENGAGEMENT, drills: drillsFor(thread) });
  const drill = owned?.drill ?? exact;
  const mark = metric ? null : drillMark(drill);
  return [
    { label: `tapping drill${mark ? ` ${mark}` : ''}`, figure: length(drill, mark ? 0.001 : 0.01) },
    metric
      ? { label: 'pitch', figure: length(thread.pitch, 0.01) }
      : { label: 'threads to the inch', figure: count(turns, Number.isInteger(turns) ? 1 : TENTH) },
    { label: 'depth, on radius', figure: length(depth, 0.001) },
    { label: 'core of the screw', figure: length(core, 0.01) },
    { label: 'pitch diameter', figure: length(pitchDiameter, 0.001) },
  ];
}

/** What a shop of that system has in its drawers: tenths of a millimetre, or drills by their marks. */
const drillsFor = ({ form, diameter }: NamedThread): readonly number[] =>
  form === 'metric'
    ? Array.from({ length: Math.ceil(diameter / TENTH) }, (_, i) => Number(((i + 1) * TENTH).toFixed(1)))
    : EVERY_MARKED;
