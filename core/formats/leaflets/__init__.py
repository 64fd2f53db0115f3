"""Leaflets on their way in: files, answers to questions, sheets that are typed, drafts."""
