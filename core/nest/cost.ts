/** Whether one cost is lower than another: the first figure that differs decides. */
export function isLess(a: number[], b: number[]): boolean {
  const i = a.findIndex((value, at) => Math.abs(value - b[at]) > 1e-6)
  return i >= 0 && a[i] < b[i]
}
