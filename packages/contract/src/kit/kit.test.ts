import { taperSize } from '@anello/core/taper';
import { describe, expect, it } from 'vitest';
import {
  coreKit,
  entry,
  KIT_SCHEMA,
  kitDocumentSchema,
  materialDocument,
  shopTaperSize,
  sizes,
  taperFigures,
  type KitDocument,
  type ShopTaper,
} from '../index';

const base = { schema: KIT_SCHEMA, name: 'x', note: '', archived: false } as const;
const drills = (typed: string, archived = false): KitDocument => ({
  ...base,
  archived,
  kind: 'drills',
  sizes: sizes(typed),
});
const master = (over: object = {}): KitDocument => ({
  ...base,
  kind: 'master',
  name: 'Plug',
  ratio: entry('1:19.9', 'taper'),
  length: entry('78 mm'),
  ...over,
});

describe('kit as the core sees it', () => {
  it('puts every set of drills in one row, smallest first, without what is put away', () => {
    const kit = coreKit([drills('3; 1'), drills('2; 1/16 in'), drills('9', true)]);
    expect(kit.drills).toEqual([1, 1.5875, 2, 3]);
    expect(kit.blocks).toEqual([]);
  });
  it('the shop’s own rows of materials take the place of the usual table, none leaves it', () => {
    expect(coreKit([]).materials.length).toBeGreaterThan(5);
    const [usual] = coreKit([]).materials;
    const row = materialDocument({ ...usual!, name: 'Our bronze', expansion: 17.6e-6, speedHss: 42 });
    expect(kitDocumentSchema.parse(row)).toEqual(row);
    const { materials } = coreKit([row, { ...materialDocument(usual!), archived: true }]);
    expect(materials).toHaveLength(1);
    expect(materials[0]).toMatchObject({ name: 'Our bronze', speedHss: 42, source: usual!.source });
    expect(materials[0]!.expansion).toBeCloseTo(17.6e-6, 12);
  });
  it('each set is of its own kind: blocks are no drills, reamers no rollers, and what is put away is nothing', () => {
    const set = (kind: 'drills' | 'reamers' | 'rollers' | 'balls' | 'blocks', typed: string): KitDocument =>
      ({ ...base, kind, sizes: sizes(typed) }) as KitDocument;
    const kit = coreKit([
      set('blocks', '1.5; 2'),
      set('drills', '3'),
      set('reamers', '4'),
      set('rollers', '5'),
      set('balls', '6'),
      { ...set('blocks', '7'), archived: true },
    ]);
    expect(kit.blocks).toEqual([{ name: 'x', sizes: [1.5, 2], wear: undefined }]);
    expect([kit.drills, kit.reamers, kit.rollers, kit.balls]).toEqual([[3], [4], [5], [6]]);
  });
  it('a taper reamer and a master have their ratio from the tables; a sine bar, a bar and a block their own figures', () => {
    const named = {
      series: { series: 'morse-iso', size: '3' },
      ratio: entry('1:19.9', 'taper'),
      length: entry('96 mm'),
    };
    const kit = coreKit([
      { ...base, kind: 'taper-reamer', ...named },
      { ...base, kind: 'sine-bar', length: entry('100 mm') },
      { ...base, kind: 'pin-block', holes: [{ name: 'No. 3', x: entry('90 mm'), y: entry('2.26 mm') }] },
      {
        ...base,
        kind: 'instrument',
        type: 'micrometer',
        resolution: entry('0.001 mm'),
        uncertainty: entry('0.003 mm'),
      },
    ]);
    expect(kit.taperReamers[0]).toMatchObject({ ratio: taperSize('morse-iso', '3').ratio, length: 96 });
    expect(kit.sineBars).toMatchObject([{ name: 'x', length: 100 }]);
    expect(kit.pinBlocks[0]!.holes).toEqual([{ name: 'No. 3', x: 90, y: 2.26 }]);
    expect(kit.instruments[0]).toMatchObject({ type: 'micrometer', resolution: 0.001, uncertainty: 0.003 });
  });
  it('a taper of the shop’s own is taken as typed, not looked up', () => {
    const own = master({ series: { series: 'shop', size: 'crank' }, ratio: entry('1:12', 'taper') });
    expect(coreKit([own]).masters[0]?.ratio).toBeCloseTo(1 / 12, 12);
  });
  it('a master named from the tables has the table’s own taper, however it was typed', () => {
    const named = master({ series: { series: 'morse-iso', size: '3' } });
    expect(coreKit([named]).masters[0]?.ratio).toBe(taperSize('morse-iso', '3').ratio);
    expect(coreKit([master()]).masters[0]?.ratio).toBeCloseTo(1 / 19.9, 12);
  });
  it('every document it makes is one the schema takes', () => {
    for (const document of [drills('1 to 13 by 0.5'), master({ provedOn: '2026-09-02' })])
      expect(kitDocumentSchema.safeParse(document).error).toBeUndefined();
    expect(kitDocumentSchema.safeParse(master({ provedOn: 'last week' })).success).toBe(false);
    expect(kitDocumentSchema.safeParse(master({ length: entry('0 mm') })).success).toBe(false);
  });
});

describe('a taper of the shop’s own', () => {
  const saved: ShopTaper = {
    schema: 1,
    name: 'Crank pin',
    use: '',
    archived: false,
    halfAngle: entry('2°', 'angle'),
    gaugeDiameter: entry('1-1/8 in'),
    length: entry('40 mm'),
    thread: '',
  };
  it('stands beside the tables’ sizes and can be used in a job', () => {
    const size = shopTaperSize('crank', saved);
    expect(size).toMatchObject({ series: 'shop', size: 'crank', gaugeDiameter: 28.575, length: 40 });
    expect(size.ratio).toBeCloseTo(2 * Math.tan((2 * Math.PI) / 180), 12);
    const figures = taperFigures(size, 'external');
    expect(figures.gaugeDiameter?.value).toBeCloseTo(28.575, 9);
    expect(figures.ratio?.value).toBeCloseTo(size.ratio, 9);
  });
});
