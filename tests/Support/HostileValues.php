<?php

declare(strict_types=1);

namespace Tests\Support;

/** Values that have broken programs before. */
final class HostileValues
{
    public const ALL = [
        '',
        ' ',
        "\0",
        "a\0b",
        "\xff\xfe",
        "\xc3\x28",
        "caf\u{e9}",
        '😀😀😀😀',
        "\u{202e}abc",
        "line\nline",
        "tab\ttab",
        '0',
        '-1',
        '1e400',
        '99999999999999999999',
        '9223372036854775807',
        '-9223372036854775809',
        '0x10',
        '1.5',
        'NaN',
        'INF',
        'true',
        '0000-00-00',
        '2026-02-30',
        '99999-01-01',
        '-0001-01-01',
        '1000-01-01',
        '9999-12-31T23:59:59Z',
        '2026-03-29T01:30:00+99:99',
        "' OR 1=1 --",
        '<script>alert(1)</script>',
        '../../etc/passwd',
        '%00',
        '%',
        '_',
        '\\',
        '{}',
        '[]',
        '{"a":',
        'null',
    ];
}
