<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Flow\Run\RunState;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RunsheetReference;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\Subject\SubjectKind;

/** A run of a runsheet on it is finished, or was ended by an answer; one that a person stops says nothing. */
final readonly class RunOver implements OfSeveral, Happened
{
    use Occurs;
    use OnSeveral;

    /**
     * @param string|null   $runsheet key; null: whichever it is
     * @param RunState|null $how      null: finished or ended
     */
    public function __construct(
        public ?string $runsheet = null,
        public ?RunState $how = null,
        public ?SubjectKind $of = null,
    ) {}

    public static function kind(): string
    {
        return 'run_over';
    }

    public static function parameters(): array
    {
        return [
            Parameter::optional('runsheet', new RunsheetReference(), null),
            Parameter::optional('how', new Choice(RunState::class, [RunState::Finished, RunState::Ended]), null),
            self::of(),
        ];
    }

    private function takes(self $happened): bool
    {
        return ($this->runsheet === null || $this->runsheet === $happened->runsheet) &&
            ($this->how === null || $this->how === $happened->how);
    }
}
