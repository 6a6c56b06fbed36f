<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** How long texts may be, in characters: documents, schemas and tables go by these. */
final class TextLimits
{
    public const PHONE = 60;

    public const ID = 120;

    public const NAME = 200;

    /** Of a task, as people and other systems write it. */
    public const TITLE = 255;

    public const DETAILS = 20_000;

    public const TAG = 60;

    /** Of what the house calls one of its kinds or fields, where it stays. */
    public const SHORT_NAME = 60;

    /** Of kinds, fields and checklists, as people read them. */
    public const LABEL = 120;

    /** Of a draft, an absence, a decision about one. */
    public const NOTE = 255;

    /** Why somebody did something with a task. */
    public const REASON = 500;

    /** What is said on a task, or when it is done. */
    public const PROSE = 5_000;

    public const GUIDE = 10_000;

    public const ROTATION = 160;

    /** Of a text that criteria compare with. */
    public const VALUE = 400;

    /** @return array<string, mixed> the JSON Schema of a text of so many characters at most */
    public static function schema(int $most): array
    {
        return ['type' => 'string', 'minLength' => 1, 'maxLength' => $most];
    }
}
