// Loads the console anew where a page's file is gone: the service may have another version by now.
import type { Router } from 'vue-router'
import { unloaded } from './state'

/** Names, in the session's storage, the address that the console was last loaded anew for. */
const at = 'pageladder.loaded'

/** Notes that the console is loaded anew for an address; false if it was before, or if that cannot be noted. */
function first(address: string) {
  try {
    const before = sessionStorage.getItem(at)
    sessionStorage.setItem(at, address)
    return before !== address
  } catch {
    return false // storage may be switched off: it would be loaded for ever
  }
}

function forget() {
  try {
    sessionStorage.removeItem(at)
  } catch {
    // as above
  }
}

/** Whether the service answers at all. */
const answers = () =>
  fetch(new URL('healthz', document.baseURI)).then(
    (answer) => answer.ok,
    () => false,
  )

/**
 * Has a page whose file cannot be read loaded with the rest of the console, once: if that does not help, or if no
 * service answers, the page says so.
 */
export function loadAnewWhereGone(router: Router) {
  router.onError(async (error, to) => {
    console.error(error)
    const address = router.resolve(to.fullPath).href
    if ((await answers()) && first(address)) {
      location.assign(address)
    } else {
      unloaded.value = address
    }
  })
  router.afterEach((_to, _from, failure) => {
    if (!failure) {
      forget()
      unloaded.value = undefined
    }
  })
}
