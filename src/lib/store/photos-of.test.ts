import { expect } from 'chai';
import { setFound, setPiece } from './commands/index.ts';
import { DEMO } from './demo/index.ts';
import { preview } from './history.ts';
import { photosIn } from './photos-of.ts';

describe('photosIn', () => {
	it('finds the photos of pieces and of what was found on them, each once', () => {
		expect([...photosIn(DEMO)]).deep.equal([]);
		const found = { state: 'job', note: '', photo: 'b'.repeat(64) } as const;
		let project = preview(DEMO, setPiece('piece-a', { photo: 'a'.repeat(64) }));
		project = preview(project, setPiece('piece-b', { photo: 'a'.repeat(64) }));
		project = preview(project, setFound('piece-c', 'joints', found));
		expect([...photosIn(project)]).deep.equal(['a'.repeat(64), 'b'.repeat(64)]);
	});
});
