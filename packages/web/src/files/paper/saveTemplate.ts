import { fileName, saveFile } from '../saveFile';
import type { Sheet } from '../sheet';

export type TemplateFormat = 'pdf' | 'svg' | 'dxf';

/** Sheets saved as one PDF, or as a file each in the other formats. */
export async function saveTemplate(
  title: string,
  sheets: readonly Sheet[],
  format: TemplateFormat,
): Promise<void> {
  if (format === 'pdf') {
    const { toPdf } = await import('../write/toPdf');
    saveFile(fileName(title, 'pdf'), 'application/pdf', (await toPdf(...sheets)) as BlobPart);
    return;
  }
  const { exportSheet } = await import('../write/export');
  for (const [i, sheet] of sheets.entries()) {
    const { type, content } = await exportSheet(sheet, format);
    saveFile(fileName(sheets.length > 1 ? `${title} ${i + 1}` : title, format), type, content);
  }
}
