/** All that this room says, by the part that says it. */

export const order = {
  daySuchNothing: 'is a day such as 2026-12-04, or nothing',
}
