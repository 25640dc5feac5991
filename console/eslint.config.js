import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'

// The ready-made components that are in use. Any other fails the lint until it is
// listed here: pages, links and sorting are this project's own work, and a
// component that does them must not slip in.
const components = [
  'BAlert',
  'BApp',
  'BButton',
  'BFormInput',
  'BFormSelect',
  'BTableSimple',
  'BTbody',
  'BTd',
  'BTh',
  'BThead',
  'BTr',
]

export default defineConfigWithVueTs(
  { ignores: ['dist/**', 'src/components.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  prettier,
  {
    rules: {
      'vue/no-restricted-syntax': [
        'error',
        {
          selector: `VElement[rawName=/^(B[A-Z]|b-)/]:not([rawName=/^(${components.join('|')})$/])`,
          message: 'Not among the listed ready-made components (eslint.config.js).',
        },
      ],
    },
  },
)
