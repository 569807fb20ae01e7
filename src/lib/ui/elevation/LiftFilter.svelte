<defs>
	<filter id="lift" x="-20%" y="-20%" width="150%" height="160%">
		<feDropShadow
			dx="2.5"
			dy="4.5"
			stdDeviation="3.5"
			flood-color="var(--ink)"
			flood-opacity="0.38"
		/>
	</filter>
</defs>
