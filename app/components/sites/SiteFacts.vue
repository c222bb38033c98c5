<script setup lang="ts">
/** What is known of a site, hazards before anything else: each fact dated, with who said it; said anew it is a line. */
import type { SiteFact, SiteReply } from '#contracts'
import { FACTS, type FactId } from '#core/ledger'
import { sayDay } from '~/composables/useClock'
import { useLedger } from '~/stores/ledger'
import { FACT_WORDS } from './factWords'

const props = defineProps<{ site: SiteReply['site'], facts: readonly SiteFact[] }>()
const ledger = useLedger()
const isFact = (id: string): id is FactId => (FACTS as readonly string[]).includes(id)
/** with what was said here and is not yet in the server's answer */
const known = computed(() => {
  const out = new Map<FactId, SiteFact>()
  if (props.site.access) out.set('access', { fact: 'access', text: props.site.access, at: '' })
  if (props.site.contact) out.set('contact', { fact: 'contact', text: props.site.contact, at: '' })
  for (const f of props.facts) if (isFact(f.fact)) out.set(f.fact, f)
  for (const fact of FACTS) {
    const [own] = ledger.own.history(props.site.id, fact)
    if (own) out.set(fact, own)
  }
  return FACTS.flatMap((fact) => {
    const f = out.get(fact)
    return f?.text ? [{ ...f, fact }] : []
  })
})
const lacking = computed(() => FACTS.filter(f => !known.value.some(k => k.fact === f)))
const editing = ref<FactId>()
const text = ref('')
function edit(fact: FactId, now = '') {
  editing.value = fact
  text.value = now
}
async function say() {
  if (!editing.value) return
  await ledger.write({ kind: 'fact', site: props.site.id, fact: editing.value, text: text.value.trim() })
  editing.value = undefined
}
const told = ({ at, by }: SiteFact) => [at ? sayDay(at) : '', by ?? ''].filter(Boolean).join(', ')
</script>

<template>
  <section class="panel facts" aria-label="What is known of this site">
    <dl v-if="known.length">
      <div v-for="f in known" :key="f.fact" :class="{ hazard: f.fact === 'hazard' }">
        <dt>{{ f.fact === 'hazard' ? '▲ ' : '' }}{{ FACT_WORDS[f.fact][0] }}</dt>
        <dd>
          <form v-if="editing === f.fact" class="say" @submit.prevent="say">
            <input v-model="text" :aria-label="FACT_WORDS[f.fact][0]" :placeholder="FACT_WORDS[f.fact][1]" autofocus>
            <button class="press main">{{ text.trim() ? 'Say so' : 'No longer so' }}</button>
            <button type="button" class="press plain" @click="editing = undefined">Leave it</button>
          </form>
          <button v-else class="fact" @click="edit(f.fact, f.text)">
            <span class="visually-hidden">Change {{ FACT_WORDS[f.fact][0].toLowerCase() }}:</span>
            {{ f.text }} <small class="soft">{{ told(f) }}</small></button>
        </dd>
      </div>
    </dl>
    <p v-else class="soft">Nothing is known of this site yet: what should whoever comes next know first?</p>
    <form v-if="editing && lacking.includes(editing)" class="say" @submit.prevent="say">
      <label class="grow"><span class="visually-hidden">{{ FACT_WORDS[editing][0] }}</span>
        <input v-model="text" :placeholder="`${FACT_WORDS[editing][0]}: ${FACT_WORDS[editing][1]}`" autofocus></label>
      <button class="press main" :disabled="!text.trim()">Say so</button>
      <button type="button" class="press plain" @click="editing = undefined">Leave it</button>
    </form>
    <p v-else class="more"><span class="soft">add</span>
      <button v-for="f in lacking" :key="f" class="add" @click="edit(f)">{{
        FACT_WORDS[f][0].toLowerCase() }}</button></p>
  </section>
</template>

<style scoped>
.facts { padding: 10px 16px 12px; display: grid; gap: 8px; }
dl {
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 0 24px;
}
dl > div {
  display: grid;
  grid-template-columns: 92px 1fr;
  gap: 8px;
  align-items: start;
  border-bottom: 1px dashed var(--rule);
}
.hazard {
  grid-column: 1 / -1;
  background: var(--danger-ground);
  padding: 0 10px;
  margin: 0 -10px;
}
.hazard dt, .hazard .fact { color: var(--danger); font-weight: 700; }
dt { padding-top: 9px; font-size: var(--size-note); font-weight: 600; }
dd { margin: 0; min-width: 0; }
.fact {
  border: 0;
  background: none;
  text-align: left;
  padding: 8px 0;
  min-height: 44px;
  width: 100%;
  cursor: pointer;
}
small {
  display: block;
}
.fact:hover { text-decoration: underline; }
.say { display: flex; flex-wrap: wrap; gap: 6px; padding: 4px 0; }
.say input {
  min-height: 44px;
  padding: 6px 10px;
  border: 1.5px solid var(--soft);
  border-radius: var(--round);
  background: var(--panel);
  flex: 1;
  min-width: 180px;
  width: 100%;
}
.grow { flex: 1; }
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
  align-items: center;
  font-size: var(--size-note);
}
.add {
  border: 0;
  background: none;
  color: var(--brass);
  min-height: 40px;
  padding: 0 6px;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
}
</style>
