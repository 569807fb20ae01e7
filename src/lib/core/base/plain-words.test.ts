import { expect } from 'chai';
import { filesEnding, sentencesIn, textsOfComponent } from '../../../../scripts/lib/sentences.ts';
import { formatMessage } from './units/message.ts';

/** Words that a hanger would not say aloud, and what the app says instead. */
const INSTEAD: readonly [RegExp, string][] = [
	[/\bSettle\b|\bto settle\b/, 'Use this, or to choose'],
	[/\bwants?\b(?! to (?:be|know))/, 'needs'],
	[/\bdear(?:er)?\b/, 'valuable, or costly'],
	[/house rule lets/, 'what it carries, and what it may carry'],
	[/Let go level/, 'Left alone it will creep'],
	[/drop under load/, 'top edge to hook'],
	[/sure to ±/, 'right to within'],
	[/[Ss]et for (?:its|their) back/, 'used until you choose one'],
	[/What (?:it asks|does it want)/, 'what to mind, show the correction'],
	[/off this wall/, 'take it down'],
	[/[Bb]oard on (?:timber|steel)/, 'drywall (plasterboard) on studs'],
	[/above the level line/, 'up from the floor'],
	[/finds the hole by itself/, 'nail through it']
];

const sentences = [
	...filesEnding('.ts').flatMap((file) => sentencesIn(file).map((said) => `${file} ${said}`)),
	...filesEnding('.svelte').flatMap((file) =>
		textsOfComponent(file).map((said) => `${file} ${said}`)
	)
];

/** Whatever is asked of it is this number. */
const always = (value: number): never =>
	new Proxy({}, { get: (_, key) => (key === Symbol.toPrimitive ? () => value : value) }) as never;

/** Every sentence that can be made with the same number for each of its values. */
async function made(value: number): Promise<string[]> {
	const found: string[] = [];
	const gather = (of: unknown): void => {
		if (typeof of === 'string') found.push(of);
		else if (typeof of === 'function') {
			try {
				const takesOne = !/^\(\{/.test(String(of));
				gather((of as (values: unknown) => unknown)(takesOne ? value : always(value)));
			} catch {
				return;
			}
		} else if (of && typeof of === 'object') Object.values(of).forEach(gather);
	};
	for (const file of filesEnding('.ts').filter((each) => each.startsWith('src/lib/words/en/')))
		gather(await import(`../../../../${file}`));
	return found;
}

describe('every sentence', () => {
	it('is found: those of the code, and those between tags', () => {
		expect(sentences.length).above(1500);
	});

	it('is in words that a hanger would say', () => {
		const said = sentences.flatMap((sentence) =>
			INSTEAD.filter(([never]) => never.test(sentence)).map(
				([, instead]) => `${sentence} (rather: ${instead})`
			)
		);
		expect(said).deep.equal([]);
	});

	it('says one of one, and several of several', async () => {
		const COUNTED =
			/(?:^|[ (])1 (?:marks|pieces|hooks|points|pages|readings|steps|walls|pairs|holes|nails|screws|photos|sheets|people|hours|minutes)\b/;
		const all = await made(1);
		expect(all.length).above(300);
		expect(all.filter((said) => COUNTED.test(said))).deep.equal([]);
	});

	it('never breaks a figure from its unit, or a whole from its fraction', async () => {
		const inch = { unit: 'in', denominator: 16 } as const;
		const broken = (await made(143.7))
			.map((said) => formatMessage(said, inch))
			.filter((said) => /\d (?:%|mm|cm|kg|lb|lux|MB|\d+\/\d)/.test(said));
		expect(broken).deep.equal([]);
	});
});
