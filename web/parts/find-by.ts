import Fuse from 'fuse.js'

/** Something that can be found. */
export interface Findable {
  label: string
  words: string
}

/** Finds by label and by other words for it; forgives a slip of the keys. Without words, the first ones. */
export function findBy<T extends Findable>(items: T[], typed: string, most: number): T[] {
  const wanted = typed.trim()
  if (wanted === '') return items.slice(0, most)
  const fuse = new Fuse(items, {
    keys: [
      { name: 'label', weight: 2 },
      { name: 'words', weight: 1 },
    ],
    threshold: 0.32,
    ignoreLocation: true,
    minMatchCharLength: Math.min(2, wanted.length),
  })
  return fuse.search(wanted, { limit: most }).map(({ item }) => item)
}
