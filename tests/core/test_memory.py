"""What a process keeps at hand: a model of it beside it."""

from hypothesis import given
from hypothesis import strategies as st

from core.memory import Memory

CALLS = st.lists(st.tuples(st.sampled_from("gpp"), st.integers(0, 5)), max_size=40)


@given(CALLS, st.integers(1, 4))
def test_what_was_used_last_is_kept(calls: list[tuple[str, int]], most: int) -> None:
    memory, last_used = Memory[int, str](most * 100, weigh=lambda _, __: 100), list[int]()
    for what, key in calls:
        kept = key in last_used
        if what == "p":
            assert memory.put(key, f"value {key}") == f"value {key}"
        else:
            assert memory.get(key) == (f"value {key}" if kept else None)
        if kept or what == "p":
            last_used = [*(one for one in last_used if one != key), key][-most:]
    memory.clear()
    assert not any(memory.get(key) for key in last_used)


def test_what_is_too_heavy_to_be_kept_takes_what_was_there_before_with_it() -> None:
    memory = Memory[str, int](10, weigh=lambda _, value: value)
    memory.put("a", 4)
    assert memory.put("a", 11) == 11
    assert memory.get("a") is None
