// Serves a function from a Request to a Response over Node: node js/examples/serve.js 127.0.0.1:8480 edge.js

import { createServer } from 'node:http'

const [, , address, file] = process.argv
const { handle } = await import(new URL(file, import.meta.url))
const server = createServer(async (req, res) => {
  const answer = await handle(new Request(`http://${address}${req.url}`, { method: req.method }))
  res.writeHead(answer.status, Object.fromEntries(answer.headers)).end(await answer.text())
})
const [host, port] = address.split(':')
server.listen(Number(port), host)
