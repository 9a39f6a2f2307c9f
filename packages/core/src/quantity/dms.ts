const DEGREE = Math.PI / 180;

/**
 * An angle in degrees, minutes and seconds, rounded to a resolution (rad). Resolutions of a minute or
 * coarser drop the seconds. Example: 0.025091 rad → 1°26′15″.
 */
export function formatDms(angle: number, resolution: number): string {
  const step = Math.max(1, Math.round((resolution / DEGREE) * 3600));
  const total = Math.round(((Math.abs(angle) / DEGREE) * 3600) / step) * step;
  const degrees = Math.floor(total / 3600);
  const minutes = Math.floor((total % 3600) / 60);
  const seconds = total % 60;
  const sign = angle < 0 && total > 0 ? '\u2212' : '';
  if (degrees === 0 && minutes === 0) return `${sign}${seconds}″`;
  const tail = step % 60 === 0 ? '' : `${two(seconds)}″`;
  return degrees === 0 ? `${sign}${minutes}′${tail}` : `${sign}${degrees}°${two(minutes)}′${tail}`;
}

const two = (n: number): string => String(n).padStart(2, '0');
