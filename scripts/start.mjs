// npm start: sets up what is missing, builds when the sources changed, serves the app.
import { spawn } from 'node:child_process';
import { build, checkNode, install, ROOT } from './ready.mjs';

checkNode();
install();
build();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { cwd: ROOT, stdio: 'inherit' });
// The terminal sends Ctrl-C to both; this process waits for the server to close.
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
