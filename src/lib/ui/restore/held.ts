import type { OpenedBackup } from '$lib/files/backup.ts';

/** A backup that was opened elsewhere in the app, on its way to the page that restores it. */
let held: OpenedBackup | null = null;

export const holdBackup = (backup: OpenedBackup): void => void (held = backup);

/** It stays until another takes its place: a page that is looked at again still has it. */
export const heldBackup = (): OpenedBackup | null => held;
