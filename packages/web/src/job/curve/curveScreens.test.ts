import { entry, newWork, type FeatureDocument, type JobDocument } from '@anello/contract';
import { coordinateTable, offsetProfile } from '@anello/core/curve';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { nextTick, type Component } from 'vue';
import { useJob } from '../../data/stores/job';
import { useScreen } from '../../data/stores/screen';
import { fill, plain, press } from '../../testkit/mounted';
import { useOnScreen } from '../../testkit/onScreen';
import { workerAtOnce } from '../../testkit/workerAtOnce';
import CurveCut from './CurveCut.vue';
import CurveProve from './CurveProve.vue';
import CurveSet from './CurveSet.vue';
import CurveWay from './CurveWay.vue';

const screen = useOnScreen();
beforeEach(() =>
  vi.stubGlobal(
    'Worker',
    class {
      constructor(from: URL) {
        const work = String(from).includes('curveTable') ? coordinateTable : offsetProfile;
        return workerAtOnce(work as (question: never) => unknown)();
      }
    },
  ),
);
const at = (z: number, diameter: number, run = 'line') => ({
  z: entry(`${z} mm`),
  diameter: entry(`${diameter} mm`),
  run,
});
const profile = (points: object[]): FeatureDocument =>
  ({ id: 'c', name: 'Handle', kind: 'profile', side: 'external', points }) as FeatureDocument;
const OGEE = profile([at(0, 16), at(30, 26, 'ogee'), at(40, 26)]);
/** A straight side, of which every figure is known. */
const SLOPE = profile([at(0, 20), at(40, 28)]);
const BODY = {
  ...{ id: 'b', name: 'Body', kind: 'cylinder', side: 'external' },
  ...{ diameter: entry('28 mm'), length: entry('25 mm') },
} as FeatureDocument;
const job = (way: string, curve = OGEE, more: object = {}): Partial<JobDocument> => ({
  features: [curve, BODY],
  work: { c: { ...newWork('curve'), way, ...more } } as never,
  quantity: 1,
});
const text = (host: HTMLElement): string => plain(host.textContent);
const show = (component: Component, document: Partial<JobDocument>) => screen.show(document, component);
const told = async (host: HTMLElement, said: string | RegExp): Promise<void> =>
  vi.waitFor(() =>
    typeof said === 'string' ? expect(text(host)).toContain(said) : expect(text(host)).toMatch(said),
  );
/** A view of Set, once it is there. */
async function view(name: string, said: string | RegExp, document = job('drawing')): Promise<HTMLElement> {
  const host = show(CurveSet, document);
  press(host, name);
  await told(host, said);
  return host;
}

describe('two-handle steps', () => {
  const open = async () => {
    const host = show(CurveCut, job('steps', SLOPE, { ridge: entry('0.2 mm'), longest: entry('8 mm') }));
    await told(host, /step/i);
    await vi.waitFor(() => expect(useScreen().bar).not.toBeNull());
    return host;
  };
  it('are ticked off one by one, the next the biggest, and kept as cut when all are', async () => {
    const host = await open();
    const said = /Step 1 of (\d+)/.exec(text(host))!;
    const count = Number(said[1]);
    expect(useScreen().bar!.asks).toBe('nothing');
    const first = useScreen().across!;
    for (let step = 2; step <= count; step++) {
      await useScreen().bar!.empty!.run();
      await nextTick();
      expect(text(host)).toContain(`Step ${step} of ${count}`);
    }
    expect(useScreen().across).not.toEqual(first);
    await useScreen().bar!.empty!.run();
    await nextTick();
    await useScreen().bar!.empty!.run();
    await vi.waitFor(() => expect(screen.kept('shaped')).toHaveLength(1));
    expect(screen.kept('shaped')[0]).toMatchObject({ way: 'steps', said: `${count} steps` });
  });
  it('of another table begin at its beginning', async () => {
    const host = await open();
    for (let i = 0; i < 3; i++) {
      await useScreen().bar!.empty!.run();
      await nextTick();
    }
    const before = text(host);
    fill(host, 'Ridges no higher than', '0.005');
    await vi.waitFor(() => expect(text(host)).not.toBe(before));
    await vi.waitFor(() => expect(text(host)).toMatch(/1 of \d+|Step 1/));
  });
});

describe('a drawing to follow', () => {
  it('is checked at its points, half-way: how far the paper crept and what it does to the part is kept', async () => {
    const host = await view('Drawing to follow', 'Check points', job('drawing', SLOPE));
    // A side that leans 4 mm on radius in 40 everywhere alike tells across only: 0.2 mm on diameter further out.
    const boxes = [...host.querySelectorAll('label')].filter((one) => /^Check/.test(plain(one.textContent)));
    const was = [...text(host).matchAll(/was (\d+\.\d+) mm/g)].map(([, dial]) => Number(dial));
    expect(boxes.length).toBe(was.length);
    was.forEach((dial, i) => fill(host, `Check ${i + 1}`, String(dial + 0.2)));
    await told(host, 'The paper has moved');
    expect(text(host)).toContain('+0.10 mm across');
    press(host, /Keep/);
    await vi.waitFor(() => expect(screen.kept('crept')).toHaveLength(1));
    expect(screen.kept('crept')[0]!.across).toBeCloseTo(0.1, 2);
  });
  it('a printed bar that is out beyond any printer is refused at its box', async () => {
    const host = await view('Drawing to follow', 'Check points');
    fill(host, 'The 50 mm bar printed as', '30');
    await nextTick();
    expect(host.querySelector('.v-input--error em')?.textContent).not.toBe('');
    fill(host, 'The 50 mm bar printed as', '49.6');
    await nextTick();
    expect(host.querySelector('.v-input--error')).toBeNull();
  });
  it('that is followed to the end is kept as cut, and leads on to Prove', async () => {
    const host = await view('Drawing to follow', 'Check points');
    press(host, 'It is cut, on to Prove');
    await vi.waitFor(() => expect(screen.kept('shaped')).toHaveLength(1));
    expect(screen.kept('shaped')[0]).toMatchObject({ way: 'drawing' });
    await vi.waitFor(() => expect(screen.went.at(-1)).toMatch(/\/prove$/));
  });
});

describe('a form tool', () => {
  it('has its own figures, and what leaving them out costs; none where rake and clearance are none', async () => {
    const host = await view('Form tool', 'The tool’s own figures', job('form-tool', SLOPE));
    // 8° of clearance where nobody says: depths along the edge are 4 mm × cos 8° = 3.961, and 0.039 short on radius.
    expect(text(host)).toContain('3.961 mm');
    expect(text(host)).toContain('Uncorrected it would leave up to 0.078 mm on diameter wrong');
    fill(host, 'Clearance', '0');
    await nextTick();
    expect(text(host)).not.toContain('3.961 mm');
  });
  it('too wide for the work is said before it chatters', async () => {
    expect(text(await view('Form tool', 'Plunging it'))).toMatch(/Edge of 40\.0 mm: chatter risk high/);
  });
  it('of a round disc wants its radius', async () => {
    const host = await view('Form tool', 'The tool’s own figures');
    press(host, 'Round disc');
    await nextTick();
    expect(useJob().document!.work['c']).toMatchObject({ tool: 'circular' });
    expect(text(host)).toMatch(/Radius/i);
  });
});

describe('a pair', () => {
  it('has its mate wider by the clearance square to the side, which is as it is typed', async () => {
    const host = await view('Plug and socket', 'Both from one profile', job('drawing', SLOPE));
    expect(text(host)).toContain('⌀20.00 mm⌀20.20 mm');
    fill(host, 'Clearance', '0.3');
    await nextTick();
    // 0.3 square to a side that leans 1 in 10: 0.3 / cos = 0.3015 on radius.
    expect(text(host)).toContain('⌀20.00 mm⌀20.60 mm');
  });
});

describe('hardening', () => {
  it('says the quench of its steel', async () => {
    const host = await view('Hardening', 'Harden it');
    expect(text(host)).toContain('Quench in clean water');
    press(host, 'Oil hardening');
    await nextTick();
    expect(text(host)).not.toContain('Quench in clean water');
    fill(host, 'Thickest part of the tool', '12');
    await nextTick();
    expect(text(host)).toMatch(/6 min/);
  });
});

describe('a curve proved', () => {
  const open = () => show(CurveProve, job('drawing', SLOPE));
  const LINES = [2, 12, 22, 32];
  const measure = async (host: HTMLElement, off: number, label = 'Along, diameter'): Promise<void> => {
    fill(host, label, LINES.map((z) => `${z}, ${20 + z / 5 + off}`).join('\n'));
    await nextTick();
  };
  it('wants three places; where all are as drawn it is inside, and kept', async () => {
    const host = open();
    fill(host, 'Along, diameter', '2, 20.4\n12, 22.4');
    await nextTick();
    expect(text(host)).toContain('Measure it at some places');
    await measure(host, 0);
    await told(host, 'Inside what is allowed');
    press(host, /^Keep/);
    await vi.waitFor(() => expect(screen.kept('curve')).toHaveLength(1));
    expect(screen.kept('curve')[0]).toMatchObject({ places: 4, inside: true });
    expect(Math.abs(screen.kept('curve')[0]!.worst)).toBeLessThan(1e-6);
  });
  it('one place that is out says where, and by how much square to the curve', async () => {
    const host = open();
    fill(host, 'Along, diameter', '2, 20.4\n12, 22.4\n22, 25.4\n32, 26.4\n38, 27.6');
    await told(host, 'Out of what is allowed');
    press(host, /^Keep/);
    await vi.waitFor(() => expect(screen.kept('curve')).toHaveLength(1));
    const [kept] = screen.kept('curve');
    expect([kept!.inside, kept!.worst > 0.2]).toEqual([false, true]);
  });
  it('with its mate’s places beside it says the gap of the joint', async () => {
    const host = open();
    await measure(host, 0);
    press(host, 'It is one of a pair: the joint');
    await told(host, 'The joint with its socket');
    await measure(host, 0.2, 'The socket');
    await told(host, 'Tightest gap');
    press(host.querySelector('[aria-label="The joint"]')!, /Keep/);
    await vi.waitFor(() => expect(screen.kept('joint')).toHaveLength(1));
    expect(screen.kept('joint')[0]!.least).toBeCloseTo(0.1 * Math.cos(Math.atan(0.1)), 2);
  });
});

describe('grooves plunged at once', () => {
  const land = (id: string) =>
    ({
      ...{ id, name: id, kind: 'cylinder', side: 'external' },
      ...{ diameter: entry('30 mm'), length: entry('4 mm') },
    }) as FeatureDocument;
  const groove = (id: string, bottom: string) =>
    ({
      ...{ id, name: id, kind: 'groove', side: 'external' },
      ...{ diameter: entry(bottom), length: entry('3 mm') },
    }) as FeatureDocument;
  const open = async () => {
    const host = show(CurveCut, {
      features: [land('a'), groove('first', '24 mm'), land('b'), groove('second', '22 mm'), land('c')],
      work: { first: { ...newWork('curve'), way: 'form-tool' } } as never,
      quantity: 1,
    });
    await told(host, 'Cut it in soft stock');
    return host;
  };
  const measure = async (host: HTMLElement, widths: string[], bottoms: string[], place: string) => {
    const fieldsets = [...host.querySelectorAll('fieldset')];
    fieldsets.forEach((one, i) => {
      fill(one as HTMLElement, 'Width measured', widths[i]!);
      fill(one as HTMLElement, 'Bottom measured', bottoms[i]!);
    });
    fill(fieldsets[1] as HTMLElement, 'From the first, side to side', place);
    await nextTick();
  };
  it('are judged when all are measured: each by its bands, and the land between them', async () => {
    const host = await open();
    expect(text(host)).toContain('The answer appears when every groove is measured');
    expect(text(host)).toContain('second, 7.00 mm on: 3.00 mm wide, ⌀22.00 mm');
    await measure(host, ['3.02', '3.01'], ['24.02', '22.01'], '7.02');
    await told(host, 'Land from first to second');
    expect(text(host)).toContain('4.00 mm, wanted 4.00 mm: inside its band');
    press(host, 'Keep this test cut');
    await vi.waitFor(() => expect(screen.kept('shaped')).toHaveLength(1));
    expect(screen.kept('shaped')[0]).toMatchObject({ way: 'form-tool' });
  });
  it('that are too wide leave a land out of its band', async () => {
    const host = await open();
    await measure(host, ['3.4', '3.01'], ['24', '22'], '7');
    await told(host, '3.60 mm, wanted 4.00 mm: out of its band');
  });
});

describe('what a nose reaches', () => {
  it('is all of a straight side, and not the bottom of a hollow narrower than it', async () => {
    const good = await view('What the tool reaches', 'This tool reaches all of it', job('drawing', SLOPE));
    expect(text(good)).not.toContain('cannot');
    const hollow = profile([at(0, 30), at(8, 20), at(16, 30)]);
    const host = await view('What the tool reaches', /mm/, job('drawing', hollow, { nose: entry('6 mm') }));
    await vi.waitFor(() => expect(text(host)).not.toContain('reaches all of it'));
  });
});

describe('the ways of a curve', () => {
  it('are weighed; the one pressed is kept with it', async () => {
    const host = show(CurveWay, job('drawing'));
    expect(text(host)).toMatch(/Two-handle stepsrecommended/);
    expect(text(host)).toContain('16 mm is the most');
    press(host, 'Choose it');
    await nextTick();
    expect(useJob().document!.work['c']).toMatchObject({ way: 'steps' });
  });
});
