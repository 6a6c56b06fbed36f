<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** How long texts may be, in characters: documents, schemas and tables go by these. */
final class TextLimits
{
    public const ID = 120;

    public const NAME = 200;

    public const TAG = 60;

    public const ROTATION = 160;

    /** Of a text that criteria compare with. */
    public const VALUE = 400;
}
