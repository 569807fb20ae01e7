/**
 * Lists every sentence with its code: those of `src/lib/words`, and those that still stand elsewhere in the code.
 * `npm run words` prints them all; `npm run words -- fixing` those of files whose path holds that word.
 */
import { filesEnding, sentencesIn } from './lib/sentences.ts';

const [wanted = ''] = process.argv.slice(2);

function list(title: string, files: string[]): void {
	let count = 0;
	console.log(`# ${title}`);
	for (const file of files.filter((each) => each.includes(wanted)).sort()) {
		const sentences = sentencesIn(file);
		count += sentences.length;
		if (sentences.length > 0)
			console.log(`\n${file}\n${sentences.map((s) => `  ${s}`).join('\n')}`);
	}
	console.log(`\n${count} sentences\n`);
}

const files = filesEnding('.ts');
const inWords = (file: string): boolean => file.startsWith('src/lib/words/');
list('In src/lib/words', files.filter(inWords));
list(
	'Elsewhere',
	files.filter((file) => !inWords(file))
);
