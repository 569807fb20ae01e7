<p>
	Print at 100 %, not “fit to page”. Measure both bars before you cut: where they are off, so is
	everything on the page.
</p>
<svg
	width="110mm"
	height="14mm"
	viewBox="0 0 110 14"
	role="img"
	aria-label="Check bars of 100 mm and 4 in"
>
	<path d="M1 1v4M1 3h100M101 1v4M1 9v4M1 11h101.6M102.6 9v4" />
	<text x="40" y="2.4">100 mm</text>
	<text x="40" y="10.4">4 in</text>
</svg>

<style>
	p {
		font-size: 0.88rem;
	}

	svg {
		display: block;
		margin: 1mm 0 2mm;
		overflow: visible;
	}

	path {
		fill: none;
		stroke: #000;
		stroke-width: 0.4;
	}

	text {
		font-family: var(--font-measure);
		font-size: 3.2px;
	}
</style>
