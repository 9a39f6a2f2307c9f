import { AnelloError } from '@anello/core/basics';
import { readDxf, type DxfRequest } from './readDxf';
import { readCsv, type ReadProfile, type Tell } from './readProfile';
import { readSvg } from './readSvg';
import type { SvgDrawing } from './svgShapes';
import { answered } from '../../data/worker/answer';

/** A file to be read as a profile; an SVG comes as its shapes, since no worker can take its text apart. */
export type FileJob =
  | { readonly format: 'csv' | 'dxf'; readonly text: string; readonly how: DxfRequest }
  | { readonly format: 'svg'; readonly drawing: SvgDrawing; readonly how: DxfRequest };

/** Told no oftener than for each of these parts of the whole. */
const STEP = 0.02;

/** Reads a profile off the page's own thread and tells how far it is; ending the worker calls it off. */
self.onmessage = ({ data }: MessageEvent<FileJob>): void => {
  let told = 0;
  const tell: Tell = (part) => {
    if (part < told + STEP) return;
    told = part;
    self.postMessage({ part });
  };
  self.postMessage(answered(() => read(data, tell)));
};

function read(job: FileJob, tell: Tell): ReadProfile {
  if (job.format === 'svg') return readSvg(job.drawing, job.how, tell);
  if (job.format === 'csv') return readCsv(job.text, job.how.unit);
  try {
    return readDxf(job.text, job.how, tell);
  } catch (error) {
    if (error instanceof AnelloError) throw error;
    throw new AnelloError('unreadable', 'file', 'That is not a DXF that can be read.');
  }
}
