const MOST_LETTERS = 80

/** What a copy is called: within what a name may have. */
export const copyName = (name: string): string => `${name.slice(0, MOST_LETTERS - 7)} (copy)`
