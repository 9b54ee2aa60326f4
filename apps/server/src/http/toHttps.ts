import { createServer, type Server } from 'node:http';

/** Sends whoever comes by http on to https, at the name they came by. */
export function sendToHttps(port: number, host: string, httpsPort: number): Promise<Server> {
  const server = createServer((request, response) => {
    const name = /^(\[[0-9a-f:.]+\]|[\w.-]+)(:\d+)?$/i.exec(request.headers.host ?? '')?.[1];
    if (!name) {
      response.writeHead(400).end();
      return;
    }
    const path = /^\/(?!\/)[^\s\\]*$/.test(request.url ?? '') ? request.url : '/';
    const at = httpsPort === 443 ? name : `${name}:${httpsPort}`;
    response.writeHead(308, { location: `https://${at}${path}` }).end();
  });
  server.requestTimeout = 10_000;
  return new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => resolve(server));
  });
}
