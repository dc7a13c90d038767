/** All that this room says, by the part that says it. */

export const laser = {
  stillWorkStop: 'It is still at work. Stop it first.',
  programAsksMm: (speed: string, maxSpeed: number) =>
    `The program asks for ${speed} mm/s; this laser cuts at ${maxSpeed} mm/s at most.`,
  noProgramCould: 'There is no program that could begin. Send one.',
  notWaitAnything: 'It does not wait for anything.',
  notWork: 'It is not at work.',
  nothingRunningCould: 'Nothing is running that could be stopped.',
  doorOpenClose: 'The door is open. Close it first.',
  simulationNothingCut: 'This is a simulation: nothing is cut.',
  notDoneTake: 'It is not done. Take nothing out before it is done.',
}

export const match = {
  holeNotCut: 'A hole in it was not cut.',
  holeLiesBeside: (off: string) => `A hole in it lies ${off} beside its place.`,
  runsIntoCut: (part: string) => `It runs into ${part}, which was cut before.`,
}

export const pieces = {
  notCutThrough: (held: string, heldAt: string) => `It is not cut through over ${held}, from ${heldAt}.`,
  edgeCharredMuch: 'Its edge is charred: much more energy than it needs.',
  heldBridgesBreak: (bridges: number) => `It is held by ${bridges} bridges: break it out.`,
  cameLooseBefore: (late: number) =>
    `It came loose before ${late} of its holes were cut, which landed wrong.`,
  holeHoldsOver: (held: string, heldAt: string) => `A hole in it holds over ${held}, at ${heldAt}.`,
  smallerDistanceSlats: 'It is smaller than the distance of the slats and fell between them.',
}

export const rehearse = {
  simulationNothingCut: 'This is a simulation: nothing was cut, and a real laser differs.',
  outlineNotCut: 'Its outline was not cut.',
}

export const taken = {
  readOffParts: (own: number, seed: number) => `read off ${own} parts of simulated laser ${seed}`,
  rehearsedSimulatedLaser: (seed: number) => `Rehearsed on simulated laser ${seed}`,
  simulationNothingCut: (stuck: number) =>
    `${stuck > 0 ? `${stuck} parts did not come free. ` : ''}A simulation: nothing was cut.`,
}
