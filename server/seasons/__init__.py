"""Seasons of tanks: begun with a sentence, told what happens, planned anew from it."""
