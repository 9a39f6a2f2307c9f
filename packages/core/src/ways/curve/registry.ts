import { drawingWay } from './drawing';
import { curveFormToolWay } from './formTool';
import { stepsWay } from './steps';
import type { CurveWay } from './way';

/** Every way of making a curve, in the order they are shown. A new one is a file, its id and its line here. */
export const CURVE_WAYS: readonly CurveWay[] = [drawingWay, stepsWay, curveFormToolWay];
