import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/** How far beyond the edge of what is seen something counts as seen: there when it is scrolled to. */
const NEAR = '120px'

/** Whether an element is on the screen, or nearly: what nobody looks at need not be worked out. */
export function useSeen(element: Ref<Element | undefined>): Ref<boolean> {
  const isSeen = ref(false)
  const observer = new IntersectionObserver(
    (entries) => {
      isSeen.value = entries[entries.length - 1].isIntersecting
    },
    { rootMargin: NEAR },
  )
  onMounted(() => element.value && observer.observe(element.value))
  onBeforeUnmount(() => observer.disconnect())
  return isSeen
}
