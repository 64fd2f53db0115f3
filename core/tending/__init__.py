"""What a tank asks for between two mixes: readings, brews of the living programme, what is due."""
