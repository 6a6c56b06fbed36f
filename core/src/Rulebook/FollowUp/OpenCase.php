<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\OptionReference;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\HouseToo;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Effect\CaseOpened;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Text\MergedText;

/**
 * Opens a case for the same customer. A task that is in none belongs to it from then on; one that is opened for a case
 * is below it.
 */
final readonly class OpenCase implements ActsBeyond, HouseToo, StepAct
{
    /**
     * @param string      $track as the field of the track has it
     * @param string|null $stage as the field of the stage has it; null: the first
     * @param bool        $again also while what this rule opened for the same subject is open
     */
    public function __construct(
        public string $track,
        public MergedText $title,
        public ?string $stage = null,
        public bool $again = false,
    ) {
        if ($stage !== null && CaseFields::keyOf($track, $stage) === null) {
            throw new Refusal('The stage is one of another track.');
        }
    }

    public static function kind(): string
    {
        return 'open_case';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('track', new OptionReference(CaseFields::TRACK)),
            Parameter::required('title', new MergedTextType(TextLimits::NAME)),
            Parameter::optional('stage', new OptionReference(CaseFields::STAGE), null),
            Parameter::optional('again', new YesNo(), false),
        ];
    }

    public function effect(Situation $situation): ?Effect
    {
        $track = $situation->taskCatalogue->tracks[$this->track] ?? null;
        if ($track === null) {
            return null;
        }
        $stage = $this->stage === null ? null : CaseFields::keyOf($this->track, $this->stage);
        $title = $this->title->fill($situation->facts(), $situation->taskCatalogue->words);

        return new CaseOpened(
            CaseSubject::openedFor($situation->subject, $track, $title, $situation->change->at, $stage)->with([
                'madeById' => $situation->subject->id,
                'madeByRule' => $situation->ruleId,
            ]),
            $this->again,
        );
    }
}
