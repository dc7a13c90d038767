/** What a lid that moves is called. */
export const GROUP = 'lid'
