import vue from '@vitejs/plugin-vue'
import { BootstrapVueNextResolver } from 'bootstrap-vue-next/resolvers'
import Components from 'unplugin-vue-components/vite'
import { defineConfig } from 'vite'

/** A file that a package for TypeScript is built into. */
const built = (file: string) => decodeURI(new URL(`../js/${file}`, import.meta.url).pathname)

// While developing, the API is that of a running "pageladder demo".
export default defineConfig({
  base: './', // of <base>, so that the console can stand under a path
  plugins: [
    vue(),
    Components({ dts: 'src/components.d.ts', dirs: [], resolvers: [BootstrapVueNextResolver()] }),
  ],
  resolve: {
    alias: {
      '@pageladder/client/wire': built('client/dist/wire.js'),
      '@pageladder/client': built('client/dist/index.js'),
      '@pageladder/core': built('core/dist/index.js'),
    },
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8470' } },
})
