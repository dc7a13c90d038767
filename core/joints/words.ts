/** All that this room says, by the part that says it. */

export const rule = {
  beginsEndsTab: 'begins and ends with a tab',
}
