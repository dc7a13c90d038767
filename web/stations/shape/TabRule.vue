<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { OWNER_NAMES, sharesLine, type EdgeGroup } from '@core/box'
import {
  RULE_NAMES,
  ruleLike,
  shareCountSchema,
  TAB_OWNERS,
  tabCountSchema,
  tabWidthSchema,
  type EdgeRule,
  type RuleName,
  type TabOwner,
} from '@core/joints'
import { parseLength } from '@core/length'
import { limitsOf } from '@core/limits'
import FigureField from '@web/parts/FigureField.vue'
import { useSay } from '@web/parts/say'
import WhyLink from '@web/parts/WhyLink.vue'
import { tryTo } from '@web/refusals'
import { tabRule as words } from './words'

/** How the edges of one group are shared out, as people say it, and what comes of it. */
const props = defineProps<{
  group: EdgeGroup
  name: string
  rule: EdgeRule
  made: number[][]
  problem: string
}>()
const emit = defineEmits<{ change: [rule: EdgeRule, key: string] }>()
const say = useSay()

const NAMES: Record<RuleName, string> = {
  even: words.evenlyNearWidth,
  fixed: words.fixedWidthEqual,
  shares: words.howManyTabs,
  tabs: words.tabCount,
  centre: words.tabMiddle,
  pattern: words.patternWidths,
}
const widthLimits = limitsOf(tabWidthSchema)
const countLimits = computed(() => limitsOf(props.rule.rule === 'tabs' ? tabCountSchema : shareCountSchema))
const change = (rule: EdgeRule, key = ''): void => emit('change', rule, `${props.group} ${key}`)
const choose = (name: string): void => change(ruleLike(name as RuleName, props.rule))
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value

/** A pattern is typed as it is said: "12, 8, 12". */
const patternText = (): string =>
  props.rule.rule === 'pattern'
    ? props.rule.widths.map((width) => say.value.shortPlain(width, 3).replace('−', '-')).join(', ')
    : ''
const typed = ref(patternText())
const error = ref('')
let own = typed.value
watch(patternText, (text) => {
  if (text !== own) typed.value = own = text
})
function readPattern(text: string): void {
  typed.value = text
  error.value = ''
  const widths: number[] = []
  for (const piece of text.split(/[,;]\s*/).filter((each) => each.trim() !== '')) {
    const parsed = parseLength(piece, say.value.lengthUnit)
    if (!parsed.ok) {
      error.value = parsed.error
      return
    }
    widths.push(Number(parsed.value.toFixed(6)))
  }
  if (props.rule.rule !== 'pattern') return
  if (widths.length % 2 === 0) {
    error.value = words.patternBeginsEnds
    return
  }
  const rule = { ...props.rule, widths }
  const refusal = tryTo(() => change(rule, 'pattern'))
  if (refusal) error.value = refusal
  else own = patternText()
}

/** What each kind of edge of the group comes out as; edges of the same length are said once. */
const lines = computed(() => [...new Set(props.made.map((widths) => sharesLine(widths, say.value)))])
</script>

<template>
  <fieldset class="grid gap-1.5 rounded border border-line p-2" :data-field="`tabs-${group}`">
    <legend class="px-1 text-[13px] font-medium">{{ name }}</legend>
    <select
      class="input font-sans!"
      :aria-label="words.how(name)"
      :value="rule.rule"
      @change="choose(valueOf($event))"
    >
      <option v-for="each in RULE_NAMES" :key="each" :value="each">{{ NAMES[each] }}</option>
    </select>
    <div class="grid grid-cols-2 gap-2">
      <FigureField
        v-if="'width' in rule"
        :label="rule.rule === 'centre' ? words.tabWidth : words.wantedWidth"
        :aria-label="words.width(name)"
        :data-field="`tabs-${group}-width`"
        :model-value="rule.width"
        :limits="widthLimits"
        :step="0.5"
        :problem="problem"
        @update:model-value="change({ ...rule, width: $event }, 'width')"
      />
      <FigureField
        v-if="'count' in rule"
        :label="rule.rule === 'tabs' ? words.tabs : words.tabsNotches"
        :data-field="`tabs-${group}-count`"
        kind="figure"
        :model-value="rule.count"
        :limits="countLimits"
        :step="rule.rule === 'tabs' ? 1 : 2"
        :problem="problem"
        @update:model-value="change({ ...rule, count: $event }, 'count')"
      />
      <label v-if="rule.rule === 'pattern'" class="text-[13px] font-medium">
        {{ words.tabNotchTab }}
        <input
          class="input"
          :class="error ? 'border-2 border-rowan' : ''"
          :value="typed"
          :aria-invalid="error ? 'true' : undefined"
          @input="readPattern(($event.target as HTMLInputElement).value)"
        />
      </label>
      <label v-if="'of' in rule" class="text-[13px] font-medium">
        {{ words.tabsStand }}
        <select
          class="input font-sans!"
          :value="rule.of"
          @change="change({ ...rule, of: valueOf($event) as TabOwner })"
        >
          <option v-for="owner in TAB_OWNERS" :key="owner" :value="owner">
            {{ OWNER_NAMES[group][owner] }}
          </option>
        </select>
      </label>
      <slot />
    </div>
    <p v-if="error || (problem && rule.rule === 'pattern')" class="text-[13px] text-rowan" role="alert">
      {{ error || problem }}
      <WhyLink lesson="tabs" />
    </p>
    <p v-for="line in lines" :key="line" class="num text-[12px] text-quiet" data-testid="shares">
      {{ line }}
    </p>
  </fieldset>
</template>
