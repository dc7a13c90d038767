/** Why a bench cannot be gone to. @param such a code that is one */
export const notACode = (typed: string, such: string): string =>
  `“${typed.slice(0, 20)}” is not the code of a bench. It has four letters or digits, such as ${such}.`
