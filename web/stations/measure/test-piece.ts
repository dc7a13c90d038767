import { computed, type ComputedRef } from 'vue'
import { makeTestPiece, type TestPiece } from '@core/testpiece'
import { useDerived } from '@web/stores/derived'
import { useTrial } from './trial'

/** The test piece of the kerf measurement that is under way, laid out. */
export function useTestPiece(): ComputedRef<TestPiece> {
  const derived = useDerived()
  const { trial } = useTrial()
  return computed(() => makeTestPiece(trial.value, derived.box.thickness))
}
