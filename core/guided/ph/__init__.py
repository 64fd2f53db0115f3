"""pH at the bench: acid and alkali in portions, and what none of them passes."""
