/** On a phone the camera opens at once; elsewhere a file is chosen. */
export const cameraFirst = (): 'environment' | undefined =>
	matchMedia('(pointer: coarse)').matches ? 'environment' : undefined;
