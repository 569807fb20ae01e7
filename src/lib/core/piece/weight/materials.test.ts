import { expect } from 'chai';
import { BACKINGS, CONTENTS, GLAZINGS } from './build.ts';
import { BACKING_SHEETS, CONTENT_SHEETS, GLAZING_SHEETS, MOULDINGS } from './materials.ts';

/** Density in kg/m³ times thickness in m. */
const sheet = (density: number, millimetres: number) => (density * millimetres) / 1000;

describe('materials', () => {
	it('weigh what their density and thickness say', () => {
		// Glass 2500 kg/m³: EN 572-1:2012, 5.2 (typical density). Acrylic 1190: ISO 7823-1 sheets, from memory.
		expect(GLAZING_SHEETS['glass-2'].kgPerM2).closeTo(sheet(2500, 2), 1e-9);
		expect(GLAZING_SHEETS['glass-3'].kgPerM2).closeTo(sheet(2500, 3), 1e-9);
		expect(GLAZING_SHEETS['mirror-4'].kgPerM2).closeTo(sheet(2500, 4), 1e-9);
		expect(GLAZING_SHEETS['mirror-6'].kgPerM2).closeTo(sheet(2500, 6), 1e-9);
		expect(GLAZING_SHEETS['acrylic-2'].kgPerM2).closeTo(sheet(1190, 2), 1e-9);
		expect(GLAZING_SHEETS['acrylic-3'].kgPerM2).closeTo(sheet(1190, 3), 1e-9);
		// Fibreboard 750, softwood plywood 550: typical, from memory.
		expect(BACKING_SHEETS['fibreboard-3'].kgPerM2).closeTo(sheet(750, 3), 1e-9);
		expect(BACKING_SHEETS['plywood-4'].kgPerM2).closeTo(sheet(550, 4), 1e-9);
		expect(CONTENT_SHEETS['panel-6'].kgPerM2).closeTo(sheet(550, 6), 1e-9);
	});

	it('name every choice a person is offered, but none', () => {
		expect(Object.keys(GLAZING_SHEETS)).have.members(GLAZINGS.filter((each) => each !== 'none'));
		expect(Object.keys(BACKING_SHEETS)).have.members(BACKINGS.filter((each) => each !== 'none'));
		expect(Object.keys(CONTENT_SHEETS)).have.members(CONTENTS.filter((each) => each !== 'none'));
	});

	it('lie within what is typical for mouldings, with a range that covers it', () => {
		// Pine 450 to 550, oak 670 to 770, fibreboard 700 to 800 kg/m³: typical, from memory.
		const covers = (name: keyof typeof MOULDINGS, low: number, high: number) => {
			const { density, spread } = MOULDINGS[name];
			expect(density * (1 - spread), name).at.most(low);
			expect(density * (1 + spread), name).at.least(high);
		};
		covers('pine', 450, 550);
		covers('oak', 670, 770);
		covers('fibreboard', 700, 800);
		covers('aluminium', 2700, 2700);
	});
});
