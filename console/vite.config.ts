import vue from '@vitejs/plugin-vue'
import { BootstrapVueNextResolver } from 'bootstrap-vue-next/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vite'

// While developing, the API is that of a running "pageladder demo".
export default defineConfig({
  base: './', // of <base>, so that the console can stand under a path
  plugins: [
    vue(),
    Components({ dts: 'src/components.d.ts', dirs: [], resolvers: [BootstrapVueNextResolver()] }),
  ],
  resolve: {
    alias: { '@pageladder/core': decodeURI(new URL('../js/core/dist/index.js', import.meta.url).pathname) },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8470' } },
})
