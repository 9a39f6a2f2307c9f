import { AnelloError } from '../basics/error';
import { withCorner } from './kinds/corner';
import type { Ground, Lie } from './kinds/detail';
import { kindOfDetail, type DetailFeature } from './kinds/registry';
import type { Detail, Section } from './section';

interface Along {
  readonly outside: readonly Section[];
  readonly inside: readonly Section[];
  readonly length: number;
}

/** Lays what lies on the sections, and draws their corners as they leave them; one that cannot lie is a problem of its own. */
export function withDetails(
  features: readonly DetailFeature[],
  { outside, inside, length }: Along,
  problems: Map<string, AnelloError>,
): { readonly sections: readonly Section[]; readonly details: readonly Detail[] } {
  const details: Detail[] = [];
  const corners: { readonly detail: Detail; readonly points: NonNullable<Lie['corner']> }[] = [];
  const sound = (s: Section): boolean => !s.ghost;
  const ground: Ground = {
    outside: outside.filter(sound),
    inside: inside.filter(sound),
    length,
    cornered: (host) =>
      corners.filter(({ detail }) => detail.on === host).reduce((sum, { detail: d }) => sum + d.z1 - d.z0, 0),
    taken: (host, at) => corners.some(({ detail }) => detail.on === host && detail.at === at),
  };
  for (const feature of features) {
    try {
      const lie = kindOfDetail(feature.kind).lies(feature, ground);
      const { id, kind, at, on = null } = feature;
      const detail: Detail = { id, kind, at, on, ...lie, drawn: lie.points, ghost: false };
      details.push(detail);
      if (lie.corner) corners.push({ detail, points: lie.corner });
    } catch (error) {
      if (!(error instanceof AnelloError)) throw error;
      problems.set(feature.id, error);
    }
  }
  const drawn = (section: Section): Section => ({
    ...section,
    drawn: corners
      .filter(({ detail }) => detail.on === section.id)
      .reduce((points, { detail, points: corner }) => withCorner(points, detail.at, corner), section.points),
  });
  return { sections: [...outside, ...inside].map(drawn), details };
}
