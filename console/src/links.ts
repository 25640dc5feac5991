// The links of a page as the console follows them. Of a set whose rules have a base, or of a request that names
// one, they lead to pages of the developer's own: the console asks for those on the service, beside the page.
import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { parameters, valuesOf, withoutParams } from '@pageladder/core'
import { queryOf } from './paths'
import { readAbout, type Answer, type Steps } from './api'

type Told = Pick<Answer, 'links' | 'ladder' | 'sizes' | 'sorts'>

export function useLinks(
  set: Ref<string>,
  query: Ref<string>,
  base: Ref<string | undefined>,
  page: Ref<Answer | undefined>,
) {
  const based = computed(() => !!base.value || valuesOf(query.value, 'pl.base').length > 0)
  const own = useQuery({
    queryKey: ['links', set, query],
    queryFn: ({ signal }) => readAbout(set.value, query.value, 'pl.base', '/', signal),
    enabled: based,
    placeholderData: (last, from) => (from?.queryKey[1] === set.value ? last : undefined),
  })
  return computed((): Told | undefined => {
    const told = based.value ? own.data.value : page.value
    if (!told || !based.value) return told
    // What speaks to the service rides on no link that leads elsewhere.
    const aside = parameters(query.value).filter(({ name }) => name.startsWith('pl.'))
    const ride = (href: string) =>
      `?${[queryOf(href), ...aside.map(({ raw }) => raw)].filter(Boolean).join('&')}`
    const riding = <T extends object>(all: T[]) =>
      all.map((one) =>
        'href' in one && typeof one.href === 'string' ? { ...one, href: ride(one.href) } : one,
      )
    const links = Object.entries(told.links).map(([rel, href]) => [rel, ride(href)])
    return {
      links: {
        ...(Object.fromEntries(links) as Steps),
        ...(told.links.now !== undefined && { now: `?${withoutParams(query.value, 'pl.version')}` }),
      },
      ladder: riding(told.ladder),
      sizes: riding(told.sizes),
      sorts: riding(told.sorts),
    }
  })
}
