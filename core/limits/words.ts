/** All that this room says, by the part that says it. */

export const repair = {
  leftOut: (path: string, keys: string) => `${path}: ${keys} left out`,
  cutLimit: (path: string) => `${path}: cut to its limit`,
}

export const sentence = {
  theWholeOf: 'the whole of it',
  somethingUnknown: (keys: string) => `has something unknown in it: ${keys}`,
  notChoices: 'is not one of the choices',
}
