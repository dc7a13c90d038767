<template>
  <svg
    class="pointer-events-none fixed inset-0 h-full w-full text-line opacity-60"
    viewBox="0 0 1280 800"
    preserveAspectRatio="xMidYMax slice"
    fill="none"
    stroke="currentColor"
    aria-hidden="true"
  >
    <path
      v-for="i in 9"
      :key="i"
      :d="`M-20 ${500 + i * 38} C 180 ${420 + i * 44}, 320 ${560 + i * 30}, 520 ${480 + i * 40} S 900 ${350 + i * 52}, 1300 ${470 + i * 36}`"
      :stroke-width="i % 4 === 1 ? 1.6 : 0.8"
    />
  </svg>
</template>
