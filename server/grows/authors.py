"""Who did something: an account, or a name alone where no account of this grow has it."""

from django.conf import settings
from django.contrib.auth.models import User
from django.contrib.auth.validators import UnicodeUsernameValidator
from django.core.exceptions import ValidationError
from django.db import models

LONGEST_AUTHOR = 150
"""Characters of an account's name, by Django."""


def is_a_name(text: str) -> bool:
    """Whether an account could be called so."""
    try:
        UnicodeUsernameValidator()(text)
    except ValidationError:
        return False
    return len(text) <= LONGEST_AUTHOR


class Authored(models.Model):
    """A record of something that somebody did.

    A name that came with an archive, or from a device whose person no longer works here, is a name
    and nothing else: it makes no account, and stands for none until its person is let in.
    """

    by = models.ForeignKey(
        settings.AUTH_USER_MODEL, models.SET_NULL, null=True, blank=True, related_name="+"
    )
    by_name = models.CharField(
        "who did it, where that is no account here", max_length=LONGEST_AUTHOR, blank=True
    )

    class Meta:
        abstract = True

    @property
    def author(self) -> str | None:
        """The name of who did it; None where nobody is named."""
        return self.by.get_username() if self.by else self.by_name or None


def give_names(grow_id: int, person: User) -> None:
    """Make what stands under a person's name in a grow that person's, who is let in now."""
    for model in Authored.__subclasses__():
        fields = {field.name for field in model._meta.concrete_fields}
        of_grow = {"grow" if "grow" in fields else "mix__grow": grow_id}
        for by in ("by", "told_by"):
            if by in fields:
                named = model._base_manager.filter(**of_grow, **{f"{by}_name": person.username})
                named.update(**{by: person, f"{by}_name": ""})
