<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\ShortText;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;

/** Somebody presses the button of the rule on the task. */
final readonly class Pressed implements OfSeveral
{
    use OnSeveral;

    public function __construct(
        public string $label,
        public Presser $by = Presser::HolderOrLead,
        public PressedOn $on = PressedOn::Open,
        public ?SubjectKind $of = null,
    ) {}

    public static function kind(): string
    {
        return 'pressed';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('label', new ShortText(TextLimits::TAG)),
            Parameter::optional('by', new Choice(Presser::class), Presser::HolderOrLead),
            Parameter::optional('on', new Choice(PressedOn::class), PressedOn::Open),
            self::of(),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change) && $this->on->includes($change->after->isOpen());
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->isTriggeredAs(self::kind());
    }
}
