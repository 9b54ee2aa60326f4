// @ts-check
// Prints a unit for systemd, so that Dotting starts with the machine and again whenever it ends.
//   npm run --silent unit | sudo tee /etc/systemd/system/dotting.service
import os from 'node:os';
import { root } from './lib/run.mjs';

const passedOn = ['PORT', 'HTTP_PORT', 'NAME', 'KEY_FILE', 'CERT_FILE', 'DATA_FOLDER', 'BACKUP_FOLDER']
  .concat(['BACKUP_PASSPHRASE_FILE', 'BACKUP_KEEP', 'BACKUP_AT', 'DEMO'])
  .filter((name) => process.env[name] !== undefined)
  .map((name) => `Environment="${name}=${process.env[name]}"`);

console.log(`[Unit]
Description=Dotting
After=network-online.target
Wants=network-online.target

[Service]
User=${os.userInfo().username}
WorkingDirectory=${root}
ExecStart=${process.execPath} tools/serve.mjs
${passedOn.map((line) => `${line}\n`).join('')}Restart=always
RestartSec=10
TimeoutStartSec=600
KillMode=mixed
UMask=0077
NoNewPrivileges=true
PrivateTmp=true
ProtectSystem=full
AmbientCapabilities=CAP_NET_BIND_SERVICE

[Install]
WantedBy=multi-user.target`);
