<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\SubjectKind;

final readonly class TagAdded implements Effect
{
    /** @param SubjectKind $of whose tag */
    public function __construct(public string $tag, private SubjectKind $of = SubjectKind::Task) {}

    public static function code(): string
    {
        return 'tag_added';
    }

    public function on(Subject $subject): Subject
    {
        return $subject::kind() === $this->of ? $subject->tagged($this->tag) : $subject;
    }

    public function write(): array
    {
        return ['tag' => $this->tag] + ($this->of === SubjectKind::Task ? [] : ['of' => $this->of->value]);
    }
}
