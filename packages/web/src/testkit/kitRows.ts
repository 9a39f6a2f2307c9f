import { entry, KIT_SCHEMA, materialDocument, type KitDocument, type KitRow } from '@anello/contract';
import { NO_KIT, type Material } from '@anello/core/kit';

const row = (document: KitDocument): KitRow => ({ id: document.name, version: 1, document });

/** A boring bar among the kit, its point over its own edge, of steel. */
export const barRow = (name: string, diameter: number, reach: number): KitRow =>
  row({
    schema: KIT_SCHEMA,
    kind: 'boring-bar',
    name,
    note: '',
    archived: false,
    diameter: entry(`${diameter} mm`),
    reach: entry(`${reach} mm`),
    pointOffset: entry(`${diameter / 2} mm`),
    edgeDepth: entry('1 mm'),
    clearance: entry('12 deg', 'angle'),
    material: 'steel',
  });

/** A row of the table of materials, with the figures of a usual one. */
export const materialRow = (name: string): KitRow =>
  row(materialDocument({ ...(NO_KIT.materials[1] as Material), name, alsoCalled: '', source: 'Our own' }));
