import { expect } from 'chai';
import { lazy, memoised, memoisedOn } from './memo.ts';

describe('what is remembered', () => {
	const counted = () => {
		const made: string[] = [];
		return { made, say: (text: string) => (made.push(text), { text }) };
	};

	it('is not driven out by a second wall', () => {
		const { made, say } = counted();
		const of = memoised((_day: object, wall: string) => say(wall));
		const day = {};
		const hall = of(day, 'hall');
		const loft = of(day, 'loft');
		expect(of(day, 'hall')).equal(hall);
		expect(of(day, 'loft')).equal(loft);
		expect(of({}, 'hall')).not.equal(hall);
		expect(made).deep.equal(['hall', 'loft', 'hall']);
	});

	it('is forgotten when it is the oldest of many', () => {
		const { made, say } = counted();
		const of = memoised((_day: object, wall: number) => say(`${wall}`));
		const day = {};
		for (let wall = 0; wall < 8; wall++) of(day, wall);
		of(day, 0);
		expect(made).length(8);
		of(day, 8);
		of(day, 0);
		expect(made).length(10);
	});

	it('is made anew where a part of its subject became another', () => {
		const { made, say } = counted();
		const parts = ({ survey, name }: { survey: object; name: string }): [object, string] => [
			survey,
			name
		];
		const of = memoisedOn(parts, ({ name }) => say(name));
		const survey = {};
		const hall = of({ survey, name: 'hall' });
		of({ survey, name: 'loft' });
		expect(of({ survey, name: 'hall' })).equal(hall);
		of({ survey: {}, name: 'hall' });
		expect(made).deep.equal(['hall', 'loft', 'hall']);
	});

	it('is made once, and only when it is asked for', () => {
		const { made, say } = counted();
		const later = lazy(() => say('once'));
		expect(made).deep.equal([]);
		expect(later()).equal(later());
		expect(made).deep.equal(['once']);
	});
});
