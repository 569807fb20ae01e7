import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import { filesEnding } from '../../../scripts/lib/sentences.ts';

const components = filesEnding('.svelte').map((file) => ({
	file,
	text: readFileSync(file, 'utf8')
}));
const styles = ['src/app.css', 'src/materials.css']
	.map((file) => readFileSync(file, 'utf8'))
	.join('\n');

/** What is a value of its own and no colour of the theme: what a colour field shows before one is chosen. */
const VALUES = /value=\{[^}]*#[0-9a-f]{6}[^}]*\}|url\(#|href="#/g;

describe('colours', () => {
	it('come from the theme: no component has one of its own', () => {
		const strays = components.flatMap(({ file, text }) =>
			[
				...text
					.replace(VALUES, '')
					.matchAll(/['"\s(:]#(?:[0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})\b/gi)
			].map(([colour]) => `${file} ${colour}`)
		);
		expect(strays).to.deep.equal([]);
	});

	it('have the names that components call them by', () => {
		const given = new Set([...styles.matchAll(/(--[\w-]+):/g)].map(([, name]) => name));
		const missing = components.flatMap(({ file, text }) => {
			const own = new Set([...text.matchAll(/(--[\w-]+)(?::|=)/g)].map(([, name]) => name));
			return [...text.matchAll(/var\((--[\w-]+)\)/g)]
				.map(([, name]) => name!)
				.filter((name) => !given.has(name) && !own.has(name))
				.map((name) => `${file} ${name}`);
		});
		expect(missing).to.deep.equal([]);
	});
});
