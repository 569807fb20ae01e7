import { expect } from 'chai';
import type { Project } from '../core/index.ts';
import { preview } from './history.ts';
import { setPiece } from './commands/index.ts';
import { DEMO } from './demo/index.ts';
import { validateForSave } from './validate-for-save.ts';

const refused = (project: Project): string | undefined => {
	const fault = validateForSave(project);
	return fault && !fault.ok ? `${fault.error.code} at ${fault.error.path}` : undefined;
};

describe('what may be kept', () => {
	it('is what could be opened again', () => {
		expect(validateForSave(DEMO)).equal(null);
		expect(refused(preview(DEMO, setPiece('piece-a', { weight: 5000 })))).equal(
			'unsound at pieces.0.weight'
		);
		const read = { what: 'proved', step: 'prove:width', read: 1e6, wallId: 'stair-hall', by: '' };
		const day = [{ ...read, id: 'e', at: '2026-05-02T09:00:00.000Z' }] as Project['day'];
		expect(refused({ ...DEMO, day })).equal('unsound at day.0.read');
	});
});
