<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\SubjectKind;

/** An approval that was asked for on it is settled. */
final readonly class ApprovalSettled implements OfSeveral, Happened
{
    use Occurs;
    use OnSeveral;

    /**
     * @param string|null          $approval name; null: whichever it is
     * @param ApprovalOutcome|null $outcome  null: whatever it came to
     */
    public function __construct(
        public ?string $approval = null,
        public ?ApprovalOutcome $outcome = null,
        public ?SubjectKind $of = null,
    ) {}

    public static function kind(): string
    {
        return 'approval_settled';
    }

    public static function parameters(): array
    {
        return [
            Parameter::optional('approval', new ShortText(TextLimits::LABEL), null),
            Parameter::optional('outcome', new Choice(ApprovalOutcome::class), null),
            self::of(),
        ];
    }

    private function takes(self $happened): bool
    {
        return ($this->approval === null || $this->approval === $happened->approval) &&
            ($this->outcome === null || $this->outcome === $happened->outcome);
    }
}
