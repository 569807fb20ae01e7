import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** Folder of the project. */
export const root = fileURLToPath(new URL('../..', import.meta.url));

/**
 * Runs a command in the project, its output shown as it comes.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: Record<string, string>, quiet?: boolean }} [options]
 * @returns {Promise<{ code: number, output: string }>}
 */
export function run(command, args, { env = {}, quiet = false } = {}) {
	return new Promise((resolve) => {
		const child = spawn(command, args, {
			cwd: root,
			env: { ...process.env, ...env },
			stdio: ['ignore', 'pipe', 'pipe']
		});
		let output = '';
		/** @param {NodeJS.WriteStream} stream */
		const take = (stream) => (/** @type {Buffer} */ chunk) => {
			output += chunk;
			if (!quiet) stream.write(chunk);
		};
		child.stdout.on('data', take(process.stdout));
		child.stderr.on('data', take(process.stderr));
		child.on('error', (error) => resolve({ code: 127, output: String(error) }));
		child.on('close', (code) => resolve({ code: code ?? 1, output }));
	});
}
