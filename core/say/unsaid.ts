import type { Job } from '../job'
import { newMachine } from '../machine'
import { newStock } from '../stock'
import { isSameRecord } from '../limits'

/** Something that nobody gave: what it is, and how it is called once it is said to be right. */
export interface Unsaid {
  what: 'machine' | 'stock' | 'machine figures' | 'stock figures'
  says: string
  key: string
}

/** Everything about machine and stock that is still as it is for any of them. */
export function unsaidOf({ measure: { machine, stock, sure } }: Pick<Job, 'measure'>): Unsaid[] {
  const found: Unsaid[] = []
  if (!machine) found.push({ what: 'machine', says: 'no machine is chosen', key: '' })
  else if (isSameRecord(newMachine(machine.id, machine.name), machine))
    found.push({
      what: 'machine figures',
      says: `bed, watts and speeds of ${machine.name} are those of a common machine`,
      key: `machine ${machine.id}`.slice(0, 120),
    })
  if (!stock) found.push({ what: 'stock', says: 'no stock is chosen', key: '' })
  else {
    const { sheetWidth, sheetHeight } = stock
    const plain = { ...newStock(stock.id, stock.name), sheetWidth, sheetHeight }
    if (isSameRecord(plain, stock))
      found.push({
        what: 'stock figures',
        says: `thickness and sheet of ${stock.name} are not given`,
        key: `stock ${stock.id}`.slice(0, 120),
      })
  }
  return found.filter(({ key }) => !sure.includes(key))
}
