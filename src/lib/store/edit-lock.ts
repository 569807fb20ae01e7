/** The lock that the window which edits a project holds. */
export const editLock = (projectId: string): string => `warm-porch-edits/${projectId}`;

/** Whether some window edits a project now; false where the browser cannot say. */
export async function isEdited(projectId: string): Promise<boolean> {
	if (typeof navigator === 'undefined' || !('locks' in navigator)) return false;
	const { held = [] } = await navigator.locks.query();
	return held.some(({ name }) => name === editLock(projectId));
}
