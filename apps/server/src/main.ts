import { readFile } from 'node:fs/promises';
import { createApp } from './app.js';
import { sendToHttps } from './http/toHttps.js';
import { Rounds } from './office/rounds.service.js';
import { readSettings } from './settings.js';
import { DemoService } from './demo/demo.service.js';

/** What the server tells whoever started it, line by line over IPC. */
type News =
  | { readonly kind: 'loading'; readonly done: number; readonly of: number }
  | { readonly kind: 'ready'; readonly url: string }
  | { readonly kind: 'failed'; readonly code: string; readonly message: string };

const tell = (news: News): void => void process.send?.(news);

async function main(): Promise<void> {
  const { databaseUrl, port, host, webFolder, withDemo, tls, redirectPort, address } = readSettings(
    process.env,
  );
  const app = await createApp({
    databaseUrl,
    webFolder,
    logs: true,
    address,
    tls: tls ? { key: await readFile(tls.keyFile), cert: await readFile(tls.certificateFile) } : undefined,
  });
  // Started by another process, the server does not outlive it.
  process.on('disconnect', () => void app.close().then(() => process.exit(0)));
  if (withDemo) {
    await app.get(DemoService).loadIfEmpty((done, of) => tell({ kind: 'loading', done, of }));
  }
  await app.get(Rounds).begin();
  await app.listen(port, host);
  if (redirectPort !== null) await sendToHttps(redirectPort, host, port);
  tell({ kind: 'ready', url: `${tls ? 'https' : 'http'}://${host}:${port}` });
}

main().catch((error: NodeJS.ErrnoException) => {
  console.error(JSON.stringify({ level: 'fatal', code: error.code, message: error.message }));
  process.exitCode = 1;
  tell({ kind: 'failed', code: error.code ?? error.name, message: error.message });
  process.disconnect?.();
});
