<?php

declare(strict_types=1);

namespace App\Models\Guides;

/** What a guide can be about. */
enum GuideAbout: string
{
    /** Its target is the id of the kind in documents. */
    case Kind = 'kind';
    /** Its target is the path of the field. */
    case Field = 'field';
    /** Its target is the words of the item. */
    case Item = 'item';
    /** Its target is the id of the rule in rulebooks. */
    case Rule = 'rule';
}
