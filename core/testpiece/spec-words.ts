/** What is read of a test piece, as it is asked. */
export const spec = {
  gapPiecesPushed: 'the gap, pieces pushed together',
  gapAgainPushed: 'the gap again, pushed once more',
  gapThirdTime: 'the gap a third time',
}
