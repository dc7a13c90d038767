/** All that this room says, by the part that says it. */

export const read = {
  cannotReadOnly: (word: string) => `“${word}” cannot be read. Only plain words can.`,
  notKnownHere: (letter: string, digits: string) => `${letter}${digits} is not known here. Take it out.`,
  mOffCheck: 'this is 20 m off. Check the unit.',
  cuttingMoveNo: 'a cutting move has no feed. Give it an F word.',
  tooManyMoves: 'there are too many moves. Cut it in parts.',
  programLargerMb: (largest: number) => `This program is larger than ${largest} MB. Cut it in parts.`,
  line: (number: number, why: string) => `Line ${number}: ${why}`,
  charactersNoLine: (characters: number, longest: number) =>
    `it has ${characters} characters, and no line has over ${longest}.`,
}

export const write = {
  originCornerPower: (origin: string, dynamic: boolean) =>
    `Origin at the ${origin} corner. Power ${dynamic ? 'goes with the speed' : 'stays the same'}.`,
  checkEveryPart: 'Check that every part is free before you move the sheet.',
  registrationHoleBeam: (number: number) =>
    `Registration hole ${number}: with the beam off. Move the sheet until the dot lies in the hole.`,
  roundCutBeam: 'Round what will be cut, with the beam off; then it waits.',
}
