export { bookRows, type BookRow } from './rows'
export { bookGroups, GROUP_BY, type BookGroup, type GroupBy } from './groups'
export { writeBook } from './table'
