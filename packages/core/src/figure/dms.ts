import { fixed } from './round';

const DEGREE = Math.PI / 180;

/**
 * An angle in degrees, minutes and seconds, rounded to a resolution (rad). Resolutions of a minute or
 * coarser drop the seconds; finer than a second show tenths. Example: 0.025091 rad → 1°26′15″.
 */
export function formatDms(angle: number, resolution: number): string {
  const asked = (resolution / DEGREE) * 3600;
  const tenths = asked < HALF_SECOND;
  const step = tenths ? TENTH : Math.max(1, Math.round(asked));
  const steps = Math.round(((Math.abs(angle) / DEGREE) * 3600) / step);
  const total = tenths ? steps / 10 : steps * step;
  const degrees = Math.floor(total / 3600);
  const minutes = Math.floor((total % 3600) / 60);
  const seconds = tenths ? fixed((steps % 600) / 10, 1) : String(total % 60);
  const sign = angle < 0 && total > 0 ? '\u2212' : '';
  if (degrees === 0 && minutes === 0) return `${sign}${seconds}″`;
  const tail = step % 60 === 0 ? '' : `${seconds.padStart(tenths ? 4 : 2, '0')}″`;
  return degrees === 0 ? `${sign}${minutes}′${tail}` : `${sign}${degrees}°${two(minutes)}′${tail}`;
}

const HALF_SECOND = 0.5;
const TENTH = 0.1;
const two = (n: number): string => String(n).padStart(2, '0');
