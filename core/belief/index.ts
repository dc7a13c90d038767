export { believeCut, cuttingOf, type CutBelief } from './learn'
export { energyFor, needOf, nextTest, oddsOf } from './need'
export { chooseSetting, failedAt, guess, type Choice } from './choice'
export { choiceReason } from './choice-words'
