<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;

/** One of these tags is taken off. */
final readonly class TagOff implements OfSeveral
{
    use OnSeveral;

    /** @param non-empty-list<string> $tags */
    public function __construct(public array $tags, public ?SubjectKind $of = null) {}

    public static function kind(): string
    {
        return 'tag_off';
    }

    public static function subjects(): array
    {
        return SubjectKind::KEPT;
    }

    public static function parameters(): array
    {
        return [Parameter::required('tags', new ListOf(new ShortText(TextLimits::TAG))), self::of()];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return array_intersect_key(
            Plain::set($this->tags, FieldType::Tags),
            Plain::set($change->tagsOff(), FieldType::Tags),
        ) !== [];
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->tagsOff() !== [];
    }
}
