<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** What somebody may do with a task whatever state it is in; the table of transitions says the rest. */
enum TaskRight: string
{
    case See = 'see';
    /** How to reach whoever asked for it. */
    case SeeContact = 'see_contact';
    case Comment = 'comment';
    case Edit = 'edit';

    /** @return list<Standing> those who may, each by itself */
    public function standings(): array
    {
        return match ($this) {
            self::See, self::Comment => Standing::cases(),
            self::SeeContact => [
                Standing::Holder,
                Standing::Reviewer,
                Standing::Creator,
                Standing::Substitute,
                Standing::CaseOwner,
                Standing::Lead,
            ],
            self::Edit => [Standing::Holder, Standing::Reviewer, Standing::Creator, Standing::Lead],
        };
    }

    /** @param list<Standing> $standings of whoever asks */
    public function isFor(array $standings): bool
    {
        foreach ($standings as $standing) {
            if (in_array($standing, $this->standings(), true)) {
                return true;
            }
        }

        return false;
    }
}
