import { describe, expect, it } from 'vitest';
import { SETTING } from '../examples.testdata';
import { plainText } from '../figure/phrase';
import { NO_KIT } from '../kit/kit';
import type { WayId } from '../taper/wayId';
import { DRAWER, LONG, SHANK } from '../testkit.testdata';
import { wayOf } from '../ways/taper/registry';
import { edgeSchool } from './schools/edge';
import { indicatorSchool } from './schools/indicator';
import { settingSteps } from './index';
import { sineBarSchool } from './schools/sineBar';

describe('a sine bar and blocks', () => {
  const { kit } = SETTING;
  it.each([
    ['nothing at all', undefined],
    ['no bar', { ...kit!, sineBars: [] }],
    ['no blocks', { ...kit!, blocks: [] }],
    ['an empty cupboard', NO_KIT],
  ])('with %s there is nothing to do by them', (_, owned) => {
    expect(sineBarSchool.steps(wayOf('compound'), { ...SETTING, kit: owned as typeof kit })).toEqual([]);
  });
});

describe('an indicator over the slide’s travel', () => {
  it.each(['slide', 'axis'] as const)(
    'read along the %s: the sine is of the slide, the tangent of the bed',
    (along) => {
      const { halfAngle } = SETTING.task;
      const step = indicatorSchool
        .steps(wayOf('compound'), { ...SETTING, measuredAlong: along })
        .find(({ proves }) => proves)!;
      const [meant, confused] = (step.working ?? [])
        .slice(1)
        .map(({ figures }) => figures.map(({ value }) => value));
      const travel = meant![0]!;
      const [sine, tangent] = [travel * Math.sin(halfAngle), travel * Math.tan(halfAngle)];
      expect(meant![2]).toBeCloseTo(along === 'slide' ? sine : tangent, 12);
      expect(confused![2]).toBeCloseTo(along === 'slide' ? tangent : sine, 12);
      expect(step.sweep!.stations.at(-1)!.expected).toBeCloseTo(meant![2]!, 12);
    },
  );
});

describe('the edge', () => {
  it('climbs by the cone’s half angle over all of it', () => {
    const { task } = SETTING;
    const figures = edgeSchool.steps(wayOf('form-tool'), SETTING).flatMap((step) => step.figures ?? []);
    const climbs = figures.find(({ label }) => label === 'Edge climbs')!;
    const last = edgeSchool
      .steps(wayOf('form-tool'), SETTING)
      .find((step) => step.sweep)!
      .sweep!.stations.at(-1)!;
    expect(climbs.figure.value).toBe(last.expected);
    expect(last.expected).toBeCloseTo(last.at * Math.tan(task.halfAngle), 9);
    expect(last.at).toBeGreaterThan(task.length / 2);
  });
});

describe('a travel is said as it is dialled', () => {
  const titles = (units: 'mm' | 'inch', way: WayId, system: 'mm' | 'inch'): string[] => {
    const lathe = { ...LONG, dial: { ...LONG.dial, units } };
    return settingSteps(way, { task: SHANK, lathe, kit: DRAWER }).map((step) =>
      plainText(step.title, system).replaceAll('\u00a0', ' '),
    );
  };
  it('in the lathe’s own units, whatever the screen’s are: a rounded one would be off by half a band', () => {
    for (const system of ['mm', 'inch'] as const) {
      expect(titles('mm', 'attachment', system)).toContain(
        'Run the carriage 75 mm and watch the cross-slide',
      );
      expect(titles('inch', 'attachment', system).join()).toMatch(/Run the carriage \d\.\d\d in and watch/);
    }
  });
  it('a socket’s trial is measured from its mouth, with what goes in', () => {
    const said = (member: 'external' | 'internal'): string => {
      const steps = settingSteps('compound', { task: { ...SHANK, member }, lathe: LONG }, 'scale-trial');
      return plainText(steps.find((step) => step.id === 'trial')!.detail);
    };
    expect(said('internal')).toMatch(/at its mouth and that much deeper.*With an inside gauge square/);
    expect(said('external')).toMatch(/scribe two lines.*With a micrometer square/);
  });
});
