/**
 * How many parts were spoilt of those that were cut: what a maker begins with, and what their logs say. The
 * chance of a part to be spoilt is a Beta figure of the two.
 */
export interface Spoiling {
  spoilt: number
  sound: number
}

/** One part in sixty, worth as much as sixty parts seen. [FM] */
export const USUAL_SPOILING: Spoiling = { spoilt: 1, sound: 59 }

/** What a maker begins with, and what was seen since. */
export const spoilingSeen = (spoilt: number, sound: number): Spoiling => ({
  spoilt: USUAL_SPOILING.spoilt + spoilt,
  sound: USUAL_SPOILING.sound + sound,
})

/**
 * Parts that are cut once more, on average, so that `parts` are sound; one that is cut again may be spoilt
 * again. [DEF: the mean of p ÷ (1 − p) where p is Beta(a, b) is a ÷ (b − 1)]
 */
export const partsAgain = (parts: number, { spoilt, sound }: Spoiling): number =>
  (parts * spoilt) / (sound - 1)
