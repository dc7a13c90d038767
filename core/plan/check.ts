/** One thing looked at before a file is written. `stop` means that no file is written. */
export interface Check {
  id: string
  state: 'ok' | 'look' | 'stop'
  title: string
  detail: string
}

export const mayExport = (checks: Check[]): boolean => checks.every(({ state }) => state !== 'stop')
