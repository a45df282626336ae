// The part of mathjs that formulas may use: numbers, units and a few functions; nothing that stores, imports or defines.
import {
  absDependencies,
  acosDependencies,
  addDependencies,
  andDependencies,
  asinDependencies,
  atanDependencies,
  cbrtDependencies,
  ceilDependencies,
  cosDependencies,
  create,
  divideDependencies,
  equalDependencies,
  expDependencies,
  floorDependencies,
  largerDependencies,
  largerEqDependencies,
  log10Dependencies,
  logDependencies,
  maxDependencies,
  minDependencies,
  multiplyDependencies,
  notDependencies,
  orDependencies,
  parseDependencies,
  powDependencies,
  roundDependencies,
  sinDependencies,
  smallerDependencies,
  smallerEqDependencies,
  sqrtDependencies,
  subtractDependencies,
  tanDependencies,
  unaryMinusDependencies,
  unaryPlusDependencies,
  unequalDependencies,
  unitDependencies,
  type EvalFunction,
  type FactoryFunctionMap,
} from 'mathjs';

/** mathjs with no more in it than formulas need. */
export const math = create(
  Object.assign(
    {},
    absDependencies,
    acosDependencies,
    addDependencies,
    andDependencies,
    asinDependencies,
    atanDependencies,
    cbrtDependencies,
    ceilDependencies,
    cosDependencies,
    divideDependencies,
    equalDependencies,
    expDependencies,
    floorDependencies,
    largerDependencies,
    largerEqDependencies,
    log10Dependencies,
    logDependencies,
    maxDependencies,
    minDependencies,
    multiplyDependencies,
    notDependencies,
    orDependencies,
    parseDependencies,
    powDependencies,
    roundDependencies,
    sinDependencies,
    smallerDependencies,
    smallerEqDependencies,
    sqrtDependencies,
    subtractDependencies,
    tanDependencies,
    unaryMinusDependencies,
    unaryPlusDependencies,
    unequalDependencies,
    unitDependencies,
  ) as FactoryFunctionMap,
);

/** What a compiled formula gives; undefined where it can't be reckoned, as where a unit meets a bare number. */
export function evaluated(formula: EvalFunction, scope: Map<string, unknown>): unknown {
  try {
    return formula.evaluate(scope) as unknown;
  } catch {
    return undefined;
  }
}

/** Functions that a formula may call. */
export const FUNCTIONS: ReadonlySet<string> = new Set([
  'abs',
  'acos',
  'asin',
  'atan',
  'cbrt',
  'ceil',
  'cos',
  'exp',
  'floor',
  'log',
  'log10',
  'max',
  'min',
  'round',
  'sin',
  'sqrt',
  'tan',
]);
/** Numbers that have a name of their own. */
export const CONSTANTS: ReadonlyMap<string, number> = new Map([
  ['pi', Math.PI],
  ['e', Math.E],
]);
