<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** The state of a task in values that are the same where they are equal. */
final class PlainState
{
    /** @return array<array-key, mixed> by property */
    public static function of(Subject $subject): array
    {
        $follows = $subject->dueFollows;
        $fields = $subject->fields;
        ksort($fields);

        return [
            'effort' => get_object_vars($subject->effort),
            'sharing' => $subject->sharing === null ? null : get_object_vars($subject->sharing),
            'covering' => $subject->covering === null ? null : get_object_vars($subject->covering),
            'reviewCovering' => $subject->reviewCovering === null ? null : get_object_vars($subject->reviewCovering),
            'dueFollows' =>
                $follows === null ? null : [$follows->path, $follows->offset->format(), $follows->time?->format()],
            'textFollows' => $subject->textFollows?->write(),
            'checklist' => array_map(get_object_vars(...), $subject->checklist),
            'fields' => $fields,
        ] + get_object_vars($subject);
    }
}
