import { existsSync } from 'node:fs';
import { run } from './run.mjs';

/** Debian's browser without windows, lighter than the whole one. */
const LIGHT = '/usr/bin/chromium-headless-shell';
const PLACES = [LIGHT, '/usr/bin/chromium'];

/** Where Debian put its browser, or would put it. */
export const chromiumPath = () => PLACES.find((place) => existsSync(place)) ?? LIGHT;

/** Installs Debian's Chromium where it is missing; without root it says what to install. */
export async function installChromium() {
	if (PLACES.some((place) => existsSync(place))) return;
	if (process.getuid?.() !== 0)
		throw new Error(
			'Chromium is missing. Install it with: sudo apt-get update && sudo apt-get install -y --no-install-recommends chromium-headless-shell'
		);
	console.log('Installing Chromium…');
	/** @param {string[]} args */
	const apt = (...args) =>
		run('apt-get', args, { quiet: true, env: { DEBIAN_FRONTEND: 'noninteractive' } });
	const told = [await apt('update')];
	// Older releases of Debian have the whole browser alone.
	for (const name of ['chromium-headless-shell', 'chromium']) {
		told.push(await apt('install', '-y', '--no-install-recommends', name));
		if (existsSync(chromiumPath())) return;
	}
	throw new Error(
		`Chromium could not be installed.\n${told.map(({ output }) => output).join('\n')}`
	);
}
