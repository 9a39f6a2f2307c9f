import type { Sheet } from '../sheet';

export type SheetFormat = 'svg' | 'dxf' | 'pdf';

/** A sheet as a file of one of the open formats; the writers are fetched when first wanted. */
export async function exportSheet(
  sheet: Sheet,
  format: SheetFormat,
): Promise<{ type: string; content: BlobPart }> {
  switch (format) {
    case 'svg':
      return { type: 'image/svg+xml', content: (await import('./toSvg')).toSvg(sheet) };
    case 'dxf':
      return { type: 'image/vnd.dxf', content: (await import('./toDxf')).toDxf(sheet) };
    case 'pdf':
      return { type: 'application/pdf', content: (await (await import('./toPdf')).toPdf(sheet)) as BlobPart };
  }
}
