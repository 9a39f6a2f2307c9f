import type { Kit, Material } from '@anello/core/kit';
import type { KeptRecord, RecordBody } from '@anello/core/job';
import type { Lathe } from '@anello/core/machine';
import type { Feature } from '@anello/core/part';
import { expectTypeOf, it } from 'vitest';
import type { FeatureDocument, KitDocument, KitKind, MachineDocument, RecordDocument } from './index';
import type { ValuesOf } from './entry/entry';

it('a kept row is the same to the schema as to the core, either way', () => {
  expectTypeOf<RecordDocument>().toExtend<KeptRecord>();
  expectTypeOf<KeptRecord>().toExtend<RecordDocument>();
  expectTypeOf<RecordDocument['body']['kind']>().toEqualTypeOf<RecordBody['kind']>();
});
it('a feature’s figures are the same to the schema as to the core, either way', () => {
  expectTypeOf<ValuesOf<FeatureDocument>>().toExtend<Feature>();
  expectTypeOf<Feature>().toExtend<ValuesOf<FeatureDocument>>();
});
/** A device of a lathe, where it has one. */
type Device<K extends 'compound' | 'attachment' | 'tailstock'> = NonNullable<ValuesOf<MachineDocument>[K]>;

it('a lathe’s figures are the same to the schema as to the core', () => {
  expectTypeOf<ValuesOf<MachineDocument>>().toExtend<Lathe>();
  // What a lathe is worked out without may be left out of the core's; what it is set by may not.
  expectTypeOf<NonNullable<Lathe['compound']>>().toExtend<Device<'compound'>>();
  expectTypeOf<NonNullable<Lathe['attachment']>>().toExtend<Device<'attachment'>>();
  expectTypeOf<NonNullable<Lathe['tailstock']>>().toExtend<Device<'tailstock'>>();
  expectTypeOf<Lathe['dial']>().toExtend<ValuesOf<MachineDocument>['dial']>();
  expectTypeOf<keyof Lathe>().toExtend<keyof MachineDocument>();
});

/** A thing of the kit as the core computes with it, without what only the document says. */
type Owned<K extends KitKind> = ValuesOf<Extract<KitDocument, { kind: K }>>;

it('what a shop owns is the same to the schema as to the core', () => {
  expectTypeOf<Owned<'instrument'>>().toExtend<Kit['instruments'][number]>();
  expectTypeOf<Kit['instruments'][number]['type']>().toEqualTypeOf<Owned<'instrument'>['type']>();
  expectTypeOf<Owned<'sine-bar'>>().toExtend<Kit['sineBars'][number]>();
  expectTypeOf<Owned<'master'>>().toExtend<Kit['masters'][number]>();
  expectTypeOf<Owned<'taper-reamer'>>().toExtend<Kit['taperReamers'][number]>();
  expectTypeOf<Owned<'boring-bar'>>().toExtend<Kit['boringBars'][number]>();
  expectTypeOf<Owned<'pin-block'>>().toExtend<Kit['pinBlocks'][number]>();
  expectTypeOf<Exclude<keyof Material, 'source'>>().toExtend<keyof Owned<'material'>>();
});
