<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** The case that a task belongs to, and what the task sees of it. */
trait InCase
{
    /** @return string|null the stage of its case now, by key */
    public function stageNow(): ?string
    {
        $track = $this->fields[CaseFields::TRACK] ?? null;
        $stage = $this->fields[CaseFields::STAGE] ?? null;

        return is_string($track) && is_string($stage) ? CaseFields::keyOf($track, $stage) : null;
    }

    /** @param array<string, string|int|float|bool|list<string>> $values of its case, by path */
    public function seeing(array $values): self
    {
        return $this->with(['fields' => $values + CaseFields::without($this->fields)]);
    }

    /** In a case from now on, or in none. */
    public function inCase(?string $caseId, ?string $stage, bool $needed): self
    {
        return $this->with(['caseId' => $caseId, 'stage' => $stage, 'needed' => $needed && $caseId !== null]);
    }
}
