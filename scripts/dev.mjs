// npm run dev: the app with each change at once.
import { checkNode, install, run } from './ready.mjs';

checkNode();
install();
process.on('SIGINT', () => undefined);
run('npx', ['vite', '--host', '127.0.0.1'], { mayFail: true });
