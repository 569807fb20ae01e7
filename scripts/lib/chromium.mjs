import { existsSync } from 'node:fs';
import { run } from './run.mjs';

/** Where Debian puts its browser. */
export const CHROMIUM = '/usr/bin/chromium';

/** Installs Debian's Chromium where it is missing; without root it says what to install. */
export async function installChromium() {
	if (existsSync(CHROMIUM)) return;
	if (process.getuid?.() !== 0)
		throw new Error(
			'Chromium is missing. Install it with: sudo apt-get update && sudo apt-get install -y --no-install-recommends chromium'
		);
	console.log('Installing Chromium…');
	const update = await run('apt-get', ['update'], { quiet: true });
	const install = await run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], {
		quiet: true,
		env: { DEBIAN_FRONTEND: 'noninteractive' }
	});
	if (install.code !== 0 || !existsSync(CHROMIUM))
		throw new Error(`Chromium could not be installed.\n${update.output}\n${install.output}`);
}
