// Where a part of a package points to.

/** The path of a relationship's target, seen from the part that names it (OPC, ECMA-376 part 2). */
export function resolveTarget(from: string, target: string): string {
  if (target.startsWith('/')) {
    return target.slice(1);
  }
  const path = from.split('/').slice(0, -1);
  for (const step of target.split('/')) {
    if (step === '..') {
      path.pop();
    } else if (step !== '.') {
      path.push(step);
    }
  }
  return path.join('/');
}
