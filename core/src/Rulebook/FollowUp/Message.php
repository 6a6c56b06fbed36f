<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use InvalidArgumentException;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\Addressee;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\Draft;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Parameter\Choice;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\TeamReference;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\NamesSeat;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\MessagePrepared;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Text\MergedText;
use OpenBaton\Core\Time\NoWorkingTime;
use OpenBaton\Core\Time\WorkingSpan;
use OpenBaton\Core\Time\WorkingTime;

/** Prepares a message about what the rule is about; held for a look, or sent at once. */
final readonly class Message implements ActsBeyond, WorkOnly, NamesSeat, StepAct
{
    private const MOST = 2000;

    /**
     * @param MergedText|null  $subject of a mail; null: the title of what it is about
     * @param Pool|null        $people  for Addressee::People
     * @param string|null      $team    for Addressee::Team
     * @param bool             $held    somebody looks at it before it goes
     * @param WorkingSpan|null $delay   it goes so much working time of the house later at the earliest
     * @param bool             $files   of a mail: with the files of what it is about
     */
    public function __construct(
        public Addressee $addressee,
        public Channel $channel,
        public MergedText $text,
        public ?MergedText $subject = null,
        public ?Pool $people = null,
        public ?string $team = null,
        public bool $held = true,
        public ?WorkingSpan $delay = null,
        public bool $files = false,
    ) {
        if (
            ($addressee === Addressee::People) !== ($people !== null) ||
            ($addressee === Addressee::Team) !== ($team !== null)
        ) {
            throw new InvalidArgumentException('Name people or a team where it is for them, and not otherwise.');
        }
        if (!$channel->takes(self::kindOf($addressee))) {
            throw new InvalidArgumentException('This channel does not reach them.');
        }
        if ($files && !$channel->takesFiles()) {
            throw new InvalidArgumentException('This channel takes no files.');
        }
    }

    public static function kind(): string
    {
        return 'message';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('addressee', new Choice(Addressee::class)),
            Parameter::required('channel', new Choice(Channel::class)),
            Parameter::required('text', new MergedTextType(self::MOST, false)),
            Parameter::optional('subject', new MergedTextType(TextLimits::NAME), null),
            Parameter::optional('people', new PartOf(Family::Pool), null),
            Parameter::optional('team', new TeamReference(), null),
            Parameter::optional('held', new YesNo(), true),
            Parameter::optional('delay', new WorkingSpanType(), null),
            Parameter::optional('files', new YesNo(), false),
        ];
    }

    public function seat(): ?SeatName
    {
        return $this->addressee === Addressee::Reviewer ? SeatName::Reviewer : null;
    }

    public function effect(Situation $situation): ?Effect
    {
        $facts = $situation->facts();
        $words = $situation->taskCatalogue->words;
        $recipients = $this->recipients($situation);
        $title = $situation->subject->title();
        $subject = $this->subject?->fill($facts, $words) ?? $title;
        $text = HarmlessText::prose($this->text->fill($facts, $words), $this->channel->most());

        return $recipients === [] || $text === ''
            ? null
            : new MessagePrepared(
                new Draft(
                    $recipients,
                    $this->channel,
                    $this->channel->hasSubject() ? HarmlessText::line($subject, TextLimits::NAME) : '',
                    $text,
                    $this->held,
                    $this->notBefore($situation),
                    $this->files,
                    $situation->subject instanceof TaskSubject ? $situation->subject->dueAt : null,
                    (string) $situation->ruleId,
                ),
            );
    }

    /** @return list<Recipient> each once */
    private function recipients(Situation $situation): array
    {
        $subject = $situation->subject;
        $ids = match ($this->addressee) {
            Addressee::Holder => $subject->holderIds(),
            Addressee::Reviewer => $subject->inSeat(SeatName::Reviewer),
            Addressee::Watchers => $subject->watcherIds,
            Addressee::Customer => [$subject->customerId],
            Addressee::Team => [$this->team],
            Addressee::People => Membership::ids(
                $this->people?->members($situation->roster, $situation->facts()) ?? [],
            ),
        };
        $kind = self::kindOf($this->addressee);

        return array_map(
            static fn(string $id): Recipient => new Recipient($kind, $id),
            array_values(array_unique(array_filter($ids, is_string(...)))),
        );
    }

    private function notBefore(Situation $situation): ?int
    {
        try {
            return $this->delay?->after($situation->change->at, new WorkingTime($situation->roster->house));
        } catch (NoWorkingTime) {
            // A house that never works sends at once.
            return null;
        }
    }

    private static function kindOf(Addressee $to): RecipientKind
    {
        return match ($to) {
            Addressee::Customer => RecipientKind::Customer,
            Addressee::Team => RecipientKind::Team,
            default => RecipientKind::Person,
        };
    }
}
