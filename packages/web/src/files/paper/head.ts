import type { Pages } from './pages';
import { qrMarks } from './qr';

const QR = 26;

/** What a sheet is of, at its top, with the square that leads a tablet back. */
export interface SheetHead {
  readonly number: string;
  readonly title: string;
  readonly facts: readonly string[];
  readonly address: string;
}

export function writeHead(pages: Pages, { number, title, facts, address }: SheetHead): void {
  const beside = { spare: QR + 4 };
  pages.beside((top) => qrMarks(address, pages.right - QR, top - QR, QR));
  pages.write(number, { size: 6, bold: true, ...beside });
  pages.write(title, { size: 3.8, bold: true, ...beside });
  for (const fact of facts) pages.write(fact, beside);
  pages.skip(Math.max(0, 4 - facts.length) * 2);
  pages.rule();
}
