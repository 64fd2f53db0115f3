"""The elements of a small XML part, in turn; declarations were refused before."""

from collections.abc import Iterator
from xml.parsers import expat


def elements(content: bytes) -> Iterator[tuple[str, dict[str, str]]]:
    """The name, without its prefix, and the attributes of each element.

    Raises:
        ExpatError: it is no XML.
    """
    found: list[tuple[str, dict[str, str]]] = []
    parser = expat.ParserCreate()
    parser.StartElementHandler = lambda name, attributes: found.append(
        (name.rpartition(":")[2], attributes)
    )
    parser.Parse(content or b"<none/>", True)
    yield from found
