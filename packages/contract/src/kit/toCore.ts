import { NO_KIT, type Kit } from '@anello/core/kit';
import { taperSize } from '@anello/core/taper';
import { valuesOf } from '../entry/entry';
import type { KitDocument, KitKind } from './schema';

/** What a shop owns as the core computes with it, without what is archived. */
export function coreKit(documents: readonly KitDocument[]): Kit {
  const owned = documents.filter((d) => !d.archived);
  const of = <K extends KitKind>(kind: K) =>
    owned.filter((d): d is Extract<KitDocument, { kind: K }> => d.kind === kind);
  const all = (kind: 'drills' | 'reamers' | 'rollers' | 'balls'): number[] =>
    owned.flatMap((d) => (d.kind === kind && 'sizes' in d ? d.sizes.values : [])).sort((a, b) => a - b);
  return {
    ...NO_KIT,
    instruments: of('instrument').map((d) => valuesOf(d)),
    blocks: of('blocks').map((d) => ({
      name: d.name,
      sizes: d.sizes.values,
      wear: d.wear?.value,
      checkedOn: d.checkedOn,
      checkEvery: d.checkEvery?.value,
    })),
    sineBars: of('sine-bar').map((d) => valuesOf(d)),
    masters: of('master').map((d) => ({ ...valuesOf(d), ratio: ratioOfKit(d), checkedOn: d.provedOn })),
    taperReamers: of('taper-reamer').map((d) => ({ ...valuesOf(d), ratio: ratioOfKit(d) })),
    boringBars: of('boring-bar').map((d) => valuesOf(d)),
    pinBlocks: of('pin-block').map((d) => valuesOf(d)),
    drills: all('drills'),
    reamers: all('reamers'),
    rollers: all('rollers'),
    balls: all('balls'),
    materials: materialsOf(of('material')),
  };
}

/** The shop's own table, or the usual one while it has no rows of its own. */
function materialsOf(rows: readonly Extract<KitDocument, { kind: 'material' }>[]): Kit['materials'] {
  if (rows.length === 0) return NO_KIT.materials;
  return rows.map((row) => {
    const { name, alsoCalled, note, speedHss, speedCarbide, feed, fineFeed, density, expansion, lubricant } =
      valuesOf(row);
    return {
      name,
      alsoCalled,
      speedHss,
      speedCarbide,
      feed,
      fineFeed,
      density,
      expansion: expansion * 1e-6,
      lubricant,
      source: note,
    };
  });
}

/** A table's size stands for its exact ratio, however many figures of it were typed. */
function ratioOfKit(d: { series?: { series: string; size: string } | undefined; ratio: { value: number } }) {
  if (!d.series || d.series.series === 'shop') return d.ratio.value;
  return taperSize(d.series.series, d.series.size).ratio;
}
