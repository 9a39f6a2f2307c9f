// Words that stand beside what they name, and nowhere else: as selectors, for both linters.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/**
 * The kinds of a family, as its files say them.
 * @param {string} folder
 */
const kindsIn = (folder) =>
  readdirSync(folder)
    .filter((file) => file.endsWith('.ts') && !file.includes('.test'))
    .flatMap((file) => [...readFileSync(`${folder}/${file}`, 'utf8').matchAll(/readonly kind: '([\w-]+)'/g)])
    .map(([, kind]) => kind)
    .join('|');
const CORE = join(import.meta.dirname, '../packages/core/src');

/** Ids of ways that are no other word here as well: whoever needs to know something of a way asks it. */
export const WAY_BY_ID = {
  selector: 'BinaryExpression > Literal[value=/^(form-tool|copy-master|offset-centres|own-stub|fixture)$/]',
  message: 'A way knows itself: ask it, not its id.',
};
/** A feature and a kept row know themselves as well: `isTaper(feature)`, `isPass(body)`, from beside their kinds. */
export const FEATURE_BY_KIND = {
  selector: `BinaryExpression:matches([left.name='kind'], [left.property.name='kind'], [left.expression.property.name='kind']) > Literal[value=/^(${kindsIn(`${CORE}/part/kinds`)})$/]`,
  message: 'The word of a kind of feature stands beside its kind: ask with a name from part/kinds/is.',
};
export const RECORD_BY_KIND = {
  selector: ['left', 'left.expression']
    .flatMap((of) => [`${of}.object.name`, `${of}.object.property.name`].map((whose) => [of, whose]))
    .map(([of, whose]) => `BinaryExpression[${of}.property.name='kind'][${whose}='body'] > Literal`)
    .join(', '),
  message: 'The word of a kind of kept row stands beside its kind: ask with a name from job/records/is.',
};
/** @param {string} more what it must not be besides, as the beginning of a pattern */
const A_FIGURE = (more) => `Literal[raw=/^${more}[0-9.]/]`;
/** What is taken where nobody said anything is the shop's to say: a figure by that name, after `??`, or a parameter's own. */
export const USUAL_ELSEWHERE = {
  selector: [
    `VariableDeclarator[id.name=/^(USUAL|DEFAULT|FALLBACK)(_|$)/] ${A_FIGURE('')}`,
    `LogicalExpression[operator='??'] > ${A_FIGURE('(?!(0|1)$)')}.right`,
    `AssignmentPattern > ${A_FIGURE('(?!(0|1)$)')}.right`,
  ].join(', '),
  message: 'What is usual where nobody says stands in the area’s usual.ts.',
};
export const MOCKED = {
  selector: "CallExpression[callee.object.name='vi'][callee.property.name=/^(do)?[mM]ock$/]",
  message:
    'Files share what is loaded: another may have loaded the real one. Put a browser or a server under it instead.',
};
