import { plainText, type Figure, type Phrase } from '../figure';
import type { VirtualLathe } from '../virtual-lathe';
import { exerciseOf, SIZE, type adviceOn, type ExerciseId, type Taken } from '.';

/** What the cards say; a page prints what it heard. */
export type Advise = typeof adviceOn;

const figures = (phrase: Phrase): number[] =>
  phrase.flatMap((part) => (typeof part === 'string' ? [] : [(part as Figure & { value: number }).value]));
const taken = (lathe: VirtualLathe, reading: number, spindle = 0, bar = 0): Taken => ({
  reading,
  cross: lathe.dial('cross'),
  spindle,
  carriage: lathe.dial('carriage'),
  bar,
});

/** Read at four jaws, moved as the cards say, read again. */
function byJaws(id: 'four-jaw' | 'throw', lathe: VirtualLathe, advise: Advise): null {
  for (let round = 0; round < 25; round++) {
    const all = [0, 1, 2, 3].map((k): Taken => {
      const spindle = (k * Math.PI) / 2;
      lathe.act({ do: 'spin', to: spindle });
      return taken(lathe, lathe.act({ do: 'indicate', on: 'work' }).reading!, spindle);
    });
    const said = plainText(advise(id, all)).replaceAll('\u00a0', ' ');
    const moves = [...said.matchAll(/(loosen|tighten) jaw (\d) by ([\d.]+)/gi)];
    if (moves.length === 0) break;
    for (const [, action, jaw, by] of moves)
      lathe.act({ do: 'jaw', jaw: Number(jaw), by: (/^l/i.test(action!) ? -1 : 1) * Number(by) });
  }
  return null;
}

/** Each exercise done by what the cards say; gives what is answered. */
export const BY_CARDS: Readonly<Record<ExerciseId, (lathe: VirtualLathe, advise: Advise) => number | null>> =
  {
    'four-jaw': (lathe, advise) => byJaws('four-jaw', lathe, advise),
    throw: (lathe, advise) => byJaws('throw', lathe, advise),
    bar: (lathe, advise) => {
      const all: Taken[] = [];
      let moved = 0;
      for (let round = 0; round < 10; round++) {
        lathe.act({ do: 'turn', handle: 'carriage', by: 50 - lathe.dial('carriage') });
        lathe.act({ do: 'turn', handle: 'carriage', by: -12 });
        for (let k = 0; k < 5; k++) {
          all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!, 0, moved));
          if (k < 4) lathe.act({ do: 'turn', handle: 'carriage', by: -18 });
        }
        const phrase = advise('bar', all);
        const said = plainText(phrase);
        if (said.includes('leave it')) break;
        const by = figures(phrase)[1]! * (said.includes('steeper') ? 1 : -1);
        moved += by;
        lathe.act({ do: 'nudge', device: 'attachment', by, pivotLength: 180 });
      }
      return null;
    },
    lash: (lathe, advise) => {
      // Turned by a tenth of a division at a time, the needle watched for its first move.
      const until = (by: number): Taken => {
        const from = lathe.watch('test-bar');
        for (let i = 0; i < 300 && Math.abs(lathe.watch('test-bar') - from) < 0.003; i++)
          lathe.act({ do: 'turn', handle: 'cross', by });
        return taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!);
      };
      until(0.005);
      const all = [until(0.005), until(-0.005)];
      return figures(advise('lash', all))[0]!;
    },
    'to-size': (lathe, advise) => {
      const all: Taken[] = [];
      const along = (): void => {
        lathe.act({ do: 'turn', handle: 'carriage', by: -55, feed: 0.1 });
        lathe.act({ do: 'turn', handle: 'carriage', by: 55 });
        all.push(taken(lathe, lathe.act({ do: 'measure', at: SIZE.at, side: 'outside' }).reading!));
      };
      lathe.act({ do: 'turn', handle: 'cross', by: 6.6 });
      along();
      for (let i = 0; i < 25; i++) {
        const said = plainText(advise('to-size', all));
        if (/inside|under|no more/.test(said)) break;
        const to = figures(advise('to-size', all))[0];
        if (to !== undefined) lathe.act({ do: 'turn-to', handle: 'cross', to });
        along();
      }
      return null;
    },
    'worn-bar': (lathe, advise) => {
      const all: Taken[] = [];
      lathe.act({ do: 'turn', handle: 'carriage', by: -12 });
      for (let k = 0; k < 12; k++) {
        lathe.act({ do: 'turn', handle: 'carriage', by: -20 });
        all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!));
      }
      return figures(advise('worn-bar', all)).at(-1)!;
    },
    packing: (lathe, advise) => {
      const all: Taken[] = [];
      let under = figures(advise('packing', all))[0]!;
      lathe.act({ do: 'pack', by: under });
      for (let round = 0; round < 6; round++) {
        for (const spindle of [0, Math.PI]) {
          lathe.act({ do: 'spin', to: spindle });
          const { reading } = lathe.act({ do: 'indicate', on: 'work' });
          all.push({ ...taken(lathe, reading!, spindle), packing: under });
        }
        const phrase = advise('packing', all);
        const said = plainText(phrase);
        if (said.includes('leave it')) break;
        const by = (said.includes('thicker') ? 1 : -1) * Math.round(figures(phrase)[2]! / 0.05) * 0.05;
        lathe.act({ do: 'pack', by });
        under += by;
      }
      return null;
    },
    line: byTable,
    'two-handles': byTable,
    'form-tool': (lathe, advise) => {
      lathe.act({ do: 'spindle', turns: 150 });
      for (let i = 0; i < 200 && lathe.dial('cross') < 12.4; i++)
        lathe.act({ do: 'turn', handle: 'cross', by: 0.1 });
      lathe.act({ do: 'turn', handle: 'cross', by: -4 });
      const all = exerciseOf('form-tool').reads.map((looks, look) => {
        const { at } = (looks as { micrometer: { at: number } }).micrometer;
        return { ...taken(lathe, lathe.act({ do: 'measure', at, side: 'outside' }).reading!), look };
      });
      return figures(advise('form-tool', all))[0]!;
    },
    find: (lathe, advise) => {
      const all: Taken[] = [];
      const take = (spindle = 0): void => {
        lathe.act({ do: 'spin', to: spindle });
        all.push(taken(lathe, lathe.act({ do: 'indicate', on: 'test-bar' }).reading!, spindle));
      };
      take(0);
      take(Math.PI);
      for (let i = 0; i < 12; i++) {
        const said = plainText(advise('find', all));
        const found = [/it is lash/, /does not tell the truth/, /it is the spindle/, /swings with its screw/];
        const is = found.findIndex((words) => words.test(said));
        if (is >= 0) return is;
        lathe.act({ do: 'turn', handle: 'cross', by: said.includes('turn back') ? -1 : 1 });
        take();
      }
      return null;
    },
  };

/** Every step as the card says it, drawn back between. */
function byTable(lathe: VirtualLathe, advise: Advise): null {
  lathe.act({ do: 'spindle', turns: 400 });
  for (let i = 0; i < 200; i++) {
    const stand = { carriage: lathe.dial('carriage'), cross: lathe.dial('cross') };
    const phrase = advise('two-handles', [], stand);
    const said = plainText(phrase);
    if (said.includes('last step')) break;
    const [first, second] = figures(phrase);
    if (/carriage to/.test(said)) {
      lathe.act({ do: 'turn', handle: 'cross', by: -4 - stand.cross });
      // Past it and back, so that the carriage stands with its lash taken up the same way each time.
      lathe.act({ do: 'turn', handle: 'carriage', by: first! - stand.carriage });
    }
    const to = /carriage to/.test(said) ? second : first;
    if (to !== undefined) lathe.act({ do: 'turn', handle: 'cross', by: to - lathe.dial('cross') });
  }
  return null;
}
