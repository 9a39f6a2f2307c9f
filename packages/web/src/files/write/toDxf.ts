import {
  Colors,
  DxfWriter,
  point3d,
  TextHorizontalAlignment,
  TextVerticalAlignment,
  Units,
} from '@tarikjabiri/dxf';
import { box, type Pen, type Sheet } from '../sheet';

const LAYERS: Readonly<Record<Pen, string>> = { part: 'PART', centre: 'CENTRE', note: 'NOTE' };
const ALIGN = {
  start: TextHorizontalAlignment.Left,
  middle: TextHorizontalAlignment.Center,
  end: TextHorizontalAlignment.Right,
} as const;

/** A sheet as DXF in millimetres, a layer for each pen. */
export function toDxf({ marks }: Sheet): string {
  const writer = new DxfWriter();
  writer.setUnits(Units.Millimeters);
  for (const name of Object.values(LAYERS)) writer.addLayer(name, Colors.White, 'CONTINUOUS');
  for (const mark of marks) {
    const layerName = LAYERS[mark.pen];
    if (mark.kind === 'line')
      writer.addLine(point3d(mark.x1, mark.y1), point3d(mark.x2, mark.y2), { layerName });
    else if (mark.kind === 'arc') {
      // A DXF's arcs run anticlockwise.
      const [a, b] = [mark.from, mark.from + mark.sweep].map((angle) => (angle * 180) / Math.PI);
      const [from, to] = mark.sweep >= 0 ? [a, b] : [b, a];
      writer.addArc(point3d(mark.x, mark.y), mark.r, from ?? 0, to ?? 0, { layerName });
    } else if (mark.kind === 'circle') writer.addCircle(point3d(mark.x, mark.y), mark.r, { layerName });
    else if (mark.kind === 'block') {
      for (const side of box(mark.pen, mark.x, mark.y, mark.width, mark.height))
        if (side.kind === 'line')
          writer.addLine(point3d(side.x1, side.y1), point3d(side.x2, side.y2), { layerName });
    } else
      writer.addText(point3d(mark.x, mark.y), mark.size, ascii(mark.text), {
        layerName,
        horizontalAlignment: ALIGN[mark.anchor ?? 'start'],
        verticalAlignment: TextVerticalAlignment.BaseLine,
        secondAlignmentPoint: point3d(mark.x, mark.y),
      });
  }
  return writer.stringify();
}

/** Old readers of DXF know only plain letters. */
const ascii = (text: string): string =>
  text
    .replace(/[°]/g, '%%d')
    .replace(/[′’]/g, "'")
    .replace(/[″]/g, '"')
    .replace(/−/g, '-')
    .replace(/\u00a0/g, ' ')
    .replace(/⌀/g, '%%c');
