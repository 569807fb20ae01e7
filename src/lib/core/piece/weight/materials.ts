import type { Build } from './build.ts';

/** kg/m³ and how far it may be off, as a share. Typical figures; glass by EN 572-1. */
export const MOULDINGS: Record<
	Exclude<Build['moulding'], 'none'>,
	{ name: string; density: number; spread: number }
> = {
	oak: { name: 'oak', density: 720, spread: 0.15 },
	pine: { name: 'pine', density: 510, spread: 0.2 },
	obeche: { name: 'obeche', density: 390, spread: 0.2 },
	fibreboard: { name: 'fibreboard', density: 750, spread: 0.15 },
	aluminium: { name: 'aluminium', density: 2700, spread: 0.15 }
};

interface Sheet {
	name: string;
	kgPerM2: number;
	spread: number;
}

/** Glass 2500 kg/m³ (EN 572-1:2012), acrylic 1190 kg/m³, times the thickness. */
export const GLAZING_SHEETS: Record<Exclude<Build['glazing'], 'none'>, Sheet> = {
	'glass-2': { name: 'glass, 2 mm', kgPerM2: 5, spread: 0.05 },
	'glass-3': { name: 'glass, 3 mm', kgPerM2: 7.5, spread: 0.05 },
	'acrylic-2': { name: 'acrylic, 2 mm', kgPerM2: 2.38, spread: 0.1 },
	'acrylic-3': { name: 'acrylic, 3 mm', kgPerM2: 3.57, spread: 0.1 },
	'mirror-4': { name: 'mirror, 4 mm', kgPerM2: 10, spread: 0.05 },
	'mirror-6': { name: 'mirror, 6 mm', kgPerM2: 15, spread: 0.05 }
};

/** Backing sheets; fibreboard 750 and plywood 550 kg/m³ typical, card from memory. */
export const BACKING_SHEETS: Record<Exclude<Build['backing'], 'none'>, Sheet> = {
	card: { name: 'card', kgPerM2: 1, spread: 0.3 },
	'fibreboard-3': { name: 'fibreboard, 3 mm', kgPerM2: 2.25, spread: 0.1 },
	'plywood-4': { name: 'plywood, 4 mm', kgPerM2: 2.2, spread: 0.15 }
};

/** What is shown; canvas from memory, panel as softwood plywood. */
export const CONTENT_SHEETS: Record<Exclude<Build['content'], 'none'>, Sheet> = {
	paper: { name: 'print on paper', kgPerM2: 0.2, spread: 0.3 },
	canvas: { name: 'canvas, primed', kgPerM2: 0.5, spread: 0.25 },
	'panel-6': { name: 'panel, 6 mm', kgPerM2: 3.3, spread: 0.15 },
	textile: { name: 'textile', kgPerM2: 0.6, spread: 0.6 },
	rug: { name: 'rug or heavy quilt', kgPerM2: 1.8, spread: 0.5 }
};

/**
 * kg/m³ and how far it may be off, as a share, its thickness counted. Typical, from memory; glass by EN 572-1. Carved work
 * and built-up objects fill part of their depth.
 */
export const BODY_MATERIALS: Record<
	NonNullable<Build['body']>['of'],
	{ name: string; density: number; spread: number }
> = {
	softwood: { name: 'softwood', density: 510, spread: 0.25 },
	hardwood: { name: 'hardwood', density: 700, spread: 0.25 },
	plywood: { name: 'plywood', density: 620, spread: 0.2 },
	fibreboard: { name: 'fibreboard', density: 750, spread: 0.15 },
	ceramic: { name: 'ceramic', density: 2400, spread: 0.4 },
	stone: { name: 'stone', density: 2700, spread: 0.15 },
	glass: { name: 'glass', density: 2500, spread: 0.1 },
	steel: { name: 'steel', density: 7850, spread: 0.15 },
	brass: { name: 'brass', density: 8500, spread: 0.2 },
	aluminium: { name: 'aluminium', density: 2700, spread: 0.15 },
	plastic: { name: 'plastic', density: 1200, spread: 0.3 },
	carved: { name: 'carved or built up', density: 350, spread: 0.75 }
};

/** Mount board, 1.4 mm: from memory. */
export const MOUNT_BOARD = 1;
