import type { Lathe } from '../../machine/lathe';
import { kindOfHolding } from '../holdings/registry';
import { heldByTaper } from '../holdings/ownTaper';
import type { HoldingBy } from '../piece/line';
import { takesCentre, type Piece } from '../piece/piece';
import { asHolding, type Shell } from './shell';
import { spots } from './spots';

const ENDS = ['tailstock', 'headstock'] as const;

/** Whether a lathe has a chuck of a kind; one whose chucks nobody wrote down has the usual ones. */
export function hasChuck({ chucks }: Lathe, kind: HoldingBy, diameter: number): boolean {
  if (!chucks || chucks.length === 0) return kind !== 'collet';
  return chucks.some((c) => c.kind === kind && (c.capacity ?? Infinity) >= diameter);
}

/** What closes on a diameter: found true in the four-jaw where it matters, in a collet where there is one for it. */
function jawsFor(piece: Piece, on: Shell['on'], diameter: number): HoldingBy[] {
  const { lathe, stock } = piece.laid.part;
  if (on === 'off-axis') return ['three-jaw'];
  if (on !== 'finished') {
    const setOver = piece.laid.sections.some((s) => s.kind === 'eccentric' && !piece.done.has(s.id));
    const four = setOver && hasChuck(lathe, 'four-jaw', diameter) ? (['four-jaw'] as const) : [];
    return stock.shape === 'square' ? ['four-jaw'] : ['three-jaw', ...four];
  }
  const collet = hasChuck(lathe, 'collet', diameter);
  return [
    collet ? 'collet' : 'three-jaw',
    ...(hasChuck(lathe, 'four-jaw', diameter) ? (['four-jaw'] as const) : []),
  ];
}

/** Every way the piece could be held now: with nothing wrong about it, or, where that finds nothing, with no more than a risk. */
export function shells(piece: Piece, strict: boolean): Shell[] {
  return ENDS.flatMap((toward) => {
    const jaws = spots(piece, toward, strict).flatMap(({ grips, on, diameter }) =>
      jawsFor(piece, on, diameter).map((by) => ({ by, grips, on, toward, centre: false })),
    );
    const taper = heldByTaper(piece, { toward });
    const other: Shell[] = [
      ...(taper
        ? [
            {
              by: 'own-taper' as const,
              grips: { from: taper.z0, to: taper.z1 },
              on: null,
              toward,
              centre: false,
            },
          ]
        : []),
      { by: 'between-centres', grips: null, on: null, toward, centre: true },
      { by: 'mandrel', grips: null, on: null, toward, centre: false },
    ];
    return [...jaws, ...other].flatMap((shell) => sound(piece, shell, strict) ?? []);
  });
}

/** A shell as it is, or with a centre where that is all it lacks; null when the piece cannot be held so. */
function sound(piece: Piece, shell: Shell, strict: boolean): Shell | null {
  const wrong = kindOfHolding(shell.by).wrong(piece, asHolding(shell));
  if (wrong.length === 0) return shell;
  const supported = { ...shell, centre: true };
  if (wrong.every((w) => w.code === 'stands-out') && takesCentre(piece, shell.toward)) return supported;
  return !strict && wrong.every((w) => w.level === 'risk') ? shell : null;
}
