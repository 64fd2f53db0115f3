"""Messages in words: the one place where sentences of the catalogue meet a person's own units.

The catalogue is Fluent (projectfluent.org), one file a subject in `core/messages/en`.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date
from fractions import Fraction
from functools import cache
from importlib.resources import files

from fluent.runtime import FluentBundle, FluentResource
from fluent.runtime.types import fluent_number
from fluent.syntax import FluentParser
from fluent.syntax import ast as ftl

from core.errors import InputError
from core.messages import Celsius, Figure, Listed, Message, MessageValue, Percent, Worded
from core.quantities import (
    Amount,
    DecimalMark,
    Reading,
    ReadingScale,
    Volume,
    VolumeUnit,
    decimal_text,
    number_text,
    on_both_scales,
)

_LOCALES: Mapping[DecimalMark, str] = {".": "en_US", ",": "en_DK"}
"""English as it is written with each decimal mark; plurals are the same."""

_MANY = {"comma": ", ", "semicolon": "; ", "sentence": " "}


_EC = ReadingScale()


@dataclass(frozen=True, slots=True)
class Manner:
    """How a person wants figures written.

    Args:
        meter: what their pen shows.
        volume: their unit of water.
        decimal: their decimal mark; what was typed or printed keeps its own.
    """

    meter: ReadingScale = _EC
    volume: VolumeUnit = VolumeUnit.L
    decimal: DecimalMark = "."


PLAIN = Manner()


def wording(message: Message, manner: Manner = PLAIN) -> str:
    """The sentence that a message stands for, such as `A chart has 1 to 60 columns.`

    Raises:
        LookupError: the catalogue has no such message.
        ValueError: its sentence names a value that the message does not have.
    """
    bundle = _bundle(_LOCALES[manner.decimal])
    code, _, which = message.id.partition(".")
    entry = bundle.get_message(code)
    pattern = entry.attributes[which] if which else entry.value
    if pattern is None:
        raise LookupError(f"{message.id} names no sentence of its own.")
    values = {name: _worded(value, manner) for name, value in message.values.items()}
    text, errors = bundle.format_pattern(pattern, values)
    if errors:
        raise ValueError(f"{message.id}: {errors[0]}")
    return f"{wording(message.place, manner)}: {text}" if message.place else str(text)


def in_words(text: str | Message, manner: Manner = PLAIN) -> str:
    """A text as it was printed or typed, or the sentence of a message."""
    return text if isinstance(text, str) else wording(text, manner)


def refusal(error: InputError, manner: Manner = PLAIN) -> str:
    """What an error says."""
    return wording(error.message, manner)


@cache
def _bundle(locale: str) -> FluentBundle:
    """The catalogue, for one way of writing numbers."""
    bundle = FluentBundle([locale], use_isolating=False)
    for text in catalogue_files().values():
        bundle.add_resource(FluentResource(text))
    return bundle


def codes_in(*subjects: str) -> tuple[str, ...]:
    """The codes that files of the catalogue have sentences for, sorted."""
    entries = (
        entry
        for subject in subjects
        for entry in FluentParser().parse(catalogue_files()[f"{subject}.ftl"]).body
    )
    return tuple(sorted(entry.id.name for entry in entries if isinstance(entry, ftl.Message)))


def catalogue_files() -> dict[str, str]:
    """What stands in the files of the catalogue, by their names."""
    folder = files("core.messages") / "en"
    return {
        file.name: file.read_text("utf-8")
        for file in sorted(folder.iterdir(), key=lambda file: file.name)
        if file.name.endswith(".ftl")
    }


def _worded(value: MessageValue, manner: Manner) -> object:
    """A value as the catalogue takes it: text, or a number where plurals may hang on it."""
    if isinstance(value, int):
        return fluent_number(value, useGrouping=False)
    return _written(value, manner)


def _written(value: MessageValue, manner: Manner) -> str:
    match value:
        case str() | int():
            text = str(value)
        case date():
            text = value.isoformat()
        case Message():
            text = wording(value, manner)
        case Listed():
            text = _listed([_written(item, manner) for item in value.items], value.by)
        case _:
            text = _figure_text(value, manner).replace(".", manner.decimal)
    return text


def _figure_text(value: Fraction | Worded, manner: Manner) -> str:
    """A figure with its unit and a decimal point."""
    match value:
        case Fraction():
            text = decimal_text(value)
        case Figure():
            text = number_text(value.value, value.places)
            if not value.ends and "." in text:
                text = text.rstrip("0").rstrip(".")
        case Percent():
            text = f"{number_text(value.share * 100, value.places)} %"
        case Celsius():
            text = on_both_scales(value.degrees)
        case Reading():
            text = f"{value.shown(manner.meter)} {manner.meter.words}"
        case Volume():
            text = value.shown(manner.volume, 1)
        case Amount():
            text = f"{number_text(value.value, 1).removesuffix('.0')} {value.unit}"
        case _:
            raise TypeError(f"No words for a {type(value).__name__}.")
    return text


def _listed(items: list[str], by: str) -> str:
    """Several in a row, such as `Wrack, Scour and Kelp`."""
    if by in _MANY:
        return _MANY[by].join(items)
    return f" {by} ".join([", ".join(items[:-1]), items[-1]] if len(items) > 1 else items)
