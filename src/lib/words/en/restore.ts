/** A project of a backup: how it stands to the one that is here, what can become of it, and what did. */
export const RESTORE = {
	new: () => 'Not in this browser.',
	same: () => 'Here as it is in the backup.',
	'older-here': () => 'Older here than in the backup.',
	'newer-here': () => 'Newer here than in the backup.',
	differs: () => 'Different here.',
	'leave-mine': () => 'leave mine',
	'replace-mine': () => 'replace mine',
	'open-beside': () => 'open beside',
	'leave-out': () => 'leave out',
	'bring-back': () => 'bring back',
	'came-beside': () => 'Opened beside yours.',
	'came-back': () => 'Brought back.'
};
