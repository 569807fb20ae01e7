/** A mass in both units, pounds of 0.45359237 kg. */
export const kilos = (kg: number): string =>
	`${kg < 9.95 ? kg.toFixed(1) : Math.round(kg)} kg (${Math.round(kg / 0.45359237)} lb)`;
