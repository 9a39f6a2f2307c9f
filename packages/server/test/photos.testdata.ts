/** A JPEG put together by hand: every segment it needs, with whatever else is asked for between them. */
export function aJpeg({
  width = 8,
  height = 8,
  beside = [],
  drawn = [0x12, 0xff, 0x00, 0x34],
}: {
  width?: number;
  height?: number;
  /** Marker and contents of further segments. */
  beside?: readonly (readonly [number, string])[];
  drawn?: readonly number[];
} = {}): Buffer {
  const segment = (marker: number, contents: Uint8Array): Buffer => {
    const head = Buffer.from([0xff, marker, 0, 0]);
    head.writeUInt16BE(contents.length + 2, 2);
    return Buffer.concat([head, contents]);
  };
  const frame = Buffer.from([8, 0, 0, 0, 0, 1, 1, 0x11, 0]);
  frame.writeUInt16BE(height, 1);
  frame.writeUInt16BE(width, 3);
  return Buffer.concat([
    Buffer.from([0xff, 0xd8]),
    segment(0xe0, Buffer.from('JFIF\0\x01\x01\0\0\x01\0\x01\0\0', 'latin1')),
    ...beside.map(([marker, text]) => segment(marker, Buffer.from(text))),
    segment(0xdb, Buffer.concat([Buffer.from([0]), Buffer.alloc(64, 1)])),
    segment(0xc0, frame),
    segment(0xc4, Buffer.concat([Buffer.from([0]), Buffer.alloc(16, 0), Buffer.from([0])])),
    segment(0xda, Buffer.from([1, 1, 0, 0, 63, 0])),
    Buffer.from(drawn),
    Buffer.from([0xff, 0xd9]),
  ]);
}
