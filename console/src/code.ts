// A request as a program makes it.

export const languages = ['curl', 'URL', 'Go', 'JavaScript', 'Python']

/** One GET of an address, ready to be pasted. */
export function asCode(language: string, address: string): string {
  const quoted = JSON.stringify(address) // a string of Go, JavaScript and Python alike
  switch (language) {
    case 'URL':
      return address
    case 'Go':
      return `res, err := http.Get(${quoted})
if err != nil {
	return err
}
defer res.Body.Close()
var page struct {
	Records []map[string]any
	Paging  struct{ Summary string }
	Links   struct{ Next string }
}
err = json.NewDecoder(res.Body).Decode(&page)`
    case 'JavaScript':
      return `const response = await fetch(${quoted})
const { records, paging, links } = await response.json()
console.log(paging.summary, links.next)`
    case 'Python':
      return `import json, urllib.request

with urllib.request.urlopen(${quoted}) as response:
    page = json.load(response)
print(page["paging"]["summary"], page["links"].get("next"))`
  }
  return `curl -i '${address.replace(/'/g, '%27')}'`
}
