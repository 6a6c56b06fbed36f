<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Run\Date\StepDate;
use OpenBaton\Core\Parameter\ChecklistReference;
use OpenBaton\Core\Parameter\GiveType;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Minutes;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\TaskKindReference;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Text\MergedText;

/** Makes a task; done when that is. */
final readonly class TaskStep implements StepKind
{
    private const DETAILS = 2000;

    /**
     * @param string        $taskKind  code
     * @param Give|null     $give      to whom it is given; null: the rulebook says
     * @param StepDate|null $start     before which it is not to be seen
     * @param int|null      $estimate  minutes; null: what the kind usually takes
     * @param string|null   $checklist code
     */
    public function __construct(
        public string $taskKind,
        public MergedText $title,
        public ?MergedText $details = null,
        public ?Give $give = null,
        public ?StepDate $start = null,
        public ?StepDate $due = null,
        public ?int $estimate = null,
        public ?string $checklist = null,
    ) {}

    public static function kind(): string
    {
        return 'task';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('task_kind', new TaskKindReference()),
            Parameter::required('title', new MergedTextType(TextLimits::NAME)),
            Parameter::optional('details', new MergedTextType(self::DETAILS, false), null),
            Parameter::optional('give', new GiveType(), null),
            Parameter::optional('start', new PartOf(Family::StepDate), null),
            Parameter::optional('due', new PartOf(Family::StepDate), null),
            Parameter::optional('estimate', new Minutes(), null),
            Parameter::optional('checklist', new ChecklistReference(), null),
        ];
    }

    public function datesHangOn(): array
    {
        $hangs = [];
        foreach ([$this->start, $this->due] as $date) {
            $step = $date?->hangsOn();
            $hangs = $step === null ? $hangs : [...$hangs, $step];
        }

        return array_values(array_unique($hangs));
    }
}
