<script setup lang="ts">
/** What was found, each with what it is, where, and the words around what matched. */
import type { SearchReply } from '#contracts'

type Found = SearchReply['found'][number]
defineProps<{ found: readonly Found[] }>()
const WHAT = { site: 'site', system: 'system', tab: 'tab', part: 'part' } as const
const to = ({ what, about, site }: Found) => {
  if (what === 'tab') return `/tabs/${about}`
  return what === 'part' ? `/shelf?part=${about}` : `/sites/${what === 'site' ? about : site}`
}
/** Text and what matched in it, by turns. */
const marked = (near: string) => near.split(/[‹›]/)
const shows = ({ near, title }: Found) => near.replaceAll(/[‹›…]/g, '').trim() !== title
</script>

<template>
  <ul class="found">
    <li v-for="f in found" :key="f.about">
      <NuxtLink :to="to(f)">
        <span class="caps">{{ WHAT[f.what] }}</span>
        <span>
          <b>{{ f.title }}</b> <span class="soft">{{ [f.what === 'site' ? '' : f.siteName, f.detail].filter(Boolean)
            .filter((t, i, all) => all.indexOf(t) === i).join(' · ') }}</span>
          <span v-if="f.near && shows(f)" class="near"><template v-for="(t, i) in marked(f.near)" :key="i"><mark
            v-if="i % 2"
          >{{ t }}</mark><template v-else>{{ t }}</template></template></span>
        </span>
      </NuxtLink>
    </li>
  </ul>
</template>

<style scoped>
.found { list-style: none; margin: 0; padding: 0; }
a {
  display: grid;
  grid-template-columns: 66px 1fr;
  gap: 10px;
  align-items: baseline;
  min-height: 44px;
  padding: 9px 14px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px dashed var(--rule);
}
a:hover, a:focus-visible { background: var(--brass-ground); }
.near { display: block; font-size: var(--size-note); color: var(--soft); }
mark { background: var(--brass-ground); color: var(--ink); font-weight: 700; }
</style>
