import type { KitDocument, KitKind } from '@anello/contract';
import { formatFigure, ratio, type UnitSystem } from '@anello/core/figure';
import { drawn } from '../../drawing/dimensions';
import { choice, figure, must, type FormField } from '../../ui/formField';

export interface KitKindSpec {
  readonly kind: KitKind;
  readonly title: string;
  /** One of them. */
  readonly one: string;
  readonly fields: readonly FormField[];
  /** Its key figures in a few words. */
  says(document: KitDocument, units: UnitSystem): string;
}

const shown = (mm: number, units: UnitSystem): string =>
  `${drawn(mm, units)} ${units === 'mm' ? 'mm' : 'in'}`;
/** The spec of one kind, its functions seeing documents of that kind only. */
function spec<K extends KitKind>(
  kind: K,
  title: string,
  one: string,
  rest: {
    fields: readonly FormField[];
    says(document: Extract<KitDocument, { kind: K }>, units: UnitSystem): string;
  },
): KitKindSpec {
  return {
    kind,
    title,
    one,
    fields: rest.fields,
    says: (document, units) => rest.says(document as Extract<KitDocument, { kind: K }>, units),
  };
}

const EVERY = figure('checkEvery', 'Checked every, months', 'number');
const AGAINST: FormField = { kind: 'text', key: 'checkedAgainst', label: 'Checked against' };
const CHECKS: readonly FormField[] = [
  { kind: 'day', key: 'checkedOn', label: 'Last checked on' },
  AGAINST,
  EVERY,
];

const SIZES: FormField = { kind: 'sizes', key: 'sizes', label: 'Sizes' };
type SetKind = 'drills' | 'reamers' | 'rollers' | 'balls';
const sizedSet = <K extends SetKind>(kind: K, title: string, one: string): KitKindSpec =>
  spec(kind, title, one, {
    fields: [SIZES],
    says: (d, units) => {
      const { values } = (d as Extract<KitDocument, { kind: SetKind }>).sizes;
      return `${values.length}, ${shown(Math.min(...values), units)} to ${shown(Math.max(...values), units)}`;
    },
  });

/** Everything a shop can say it owns, in the order of the drawers. */
export const KIT_KINDS: readonly KitKindSpec[] = [
  spec('instrument', 'Instruments', 'instrument', {
    fields: [
      choice('type', 'It is', {
        indicator: 'an indicator',
        micrometer: 'a micrometer',
        inside: 'an inside gauge',
        depth: 'a depth micrometer',
        caliper: 'a caliper',
        height: 'a height gauge',
        rule: 'a rule',
      }),
      must('resolution', 'It shows'),
      must('uncertainty', 'Good to ±, 95 times in 100'),
      figure('range', 'Longest it measures'),
      ...CHECKS,
    ],
    says: (d, units) => `shows ${shown(d.resolution.value, units)}, ±${shown(d.uncertainty.value, units)}`,
  }),
  spec('blocks', 'Gauge blocks', 'set of gauge blocks', {
    fields: [SIZES, figure('wear', 'Wear blocks, each'), ...CHECKS],
    says: (d, units) =>
      `${d.sizes.values.length} pieces${d.wear ? `, wear blocks ${shown(d.wear.value, units)}` : ''}`,
  }),
  spec('master', 'Masters', 'master', {
    fields: [
      must('ratio', 'Taper on diameter', 'taper'),
      must('length', 'Length of cone to sweep'),
      { kind: 'day', key: 'provedOn', label: 'Last proved on' },
      { kind: 'text', key: 'provedBy', label: 'Proved by' },
      AGAINST,
      EVERY,
    ],
    says: (d, units) =>
      `${formatFigure(ratio(d.ratio.value), units)}, ${d.provedOn ? `proved ${d.provedOn}` : 'never proved'}`,
  }),
  spec('sine-bar', 'Sine bars', 'sine bar', {
    fields: [must('length', 'Between the roller centres'), ...CHECKS],
    says: (d, units) => shown(d.length.value, units),
  }),
  spec('pin-block', 'Pin blocks', 'pin block', {
    fields: [],
    says: (d) => d.holes.map((h) => h.name).join(', '),
  }),
  sizedSet('rollers', 'Rollers', 'set of roller pairs'),
  sizedSet('balls', 'Balls', 'set of balls'),
  sizedSet('drills', 'Drills', 'set of drills'),
  sizedSet('reamers', 'Reamers', 'set of reamers'),
  spec('taper-reamer', 'Taper reamers', 'taper reamer', {
    fields: [must('ratio', 'Taper on diameter', 'taper'), must('length', 'Cutting length')],
    says: (d, units) => `${formatFigure(ratio(d.ratio.value), units)}, ${shown(d.length.value, units)}`,
  }),
  spec('boring-bar', 'Boring bars', 'boring bar', {
    fields: [
      must('diameter', 'Bar'),
      must('reach', 'Longest it stands out'),
      must('pointOffset', 'Bar’s middle to the point'),
      must('edgeDepth', 'Edge down to the heel'),
      must('clearance', 'Front clearance', 'angle'),
      choice('material', 'Bar of', { steel: 'steel', carbide: 'carbide' }),
    ],
    says: (d, units) => `${shown(d.diameter.value, units)}, reaches ${shown(d.reach.value, units)}`,
  }),
  spec('material', 'Materials', 'material', {
    fields: [
      { kind: 'text', key: 'alsoCalled', label: 'Also called, commas between', wide: true },
      { kind: 'text', key: 'lubricant', label: 'On the cut', wide: true },
      must('speedHss', 'Speed with HSS, m/min', 'number'),
      must('speedCarbide', 'Speed with carbide, m/min', 'number'),
      must('feed', 'Roughing feed, a turn'),
      must('fineFeed', 'Finishing feed, a turn'),
      must('density', 'Weighs, g/cm³', 'number'),
      must('expansion', 'Grows, millionths per °C', 'number'),
    ],
    says: (d) => `${d.speedHss.typed} m/min HSS, ${d.speedCarbide.typed} carbide; ${d.note}`,
  }),
];

export const kindSpec = (kind: string): KitKindSpec | undefined => KIT_KINDS.find((k) => k.kind === kind);
