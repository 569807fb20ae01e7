/** Every way to hang, in the order they are offered. */
export const HANGER_KINDS = [
	'wire-one',
	'wire-two',
	'rings',
	'ring-one',
	'sawtooth',
	'sawtooth-two',
	'keyholes',
	'drilled',
	'stretcher',
	'cleat',
	'mirror-plates',
	'security',
	'rail',
	'plate-hanger',
	'strips',
	'pin'
] as const;
export type HangerKind = (typeof HANGER_KINDS)[number];
