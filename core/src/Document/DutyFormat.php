<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use LogicException;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Flow\Duty\AfterLast;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\CatchUp;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Flow\Duty\DutyTemplate;
use OpenBaton\Core\Flow\Duty\OffDay;
use OpenBaton\Core\Flow\Duty\Rhythm;
use OpenBaton\Core\Flow\Duty\StillOpen;
use OpenBaton\Core\Parameter\GiveType;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\RecurrenceRule;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;

/** Reads and writes a standing duty; docs/formats/duty.schema.json describes it. */
final readonly class DutyFormat
{
    public const VERSION = 'duty/1';

    private const MEMBERS = [
        'openbaton',
        'id',
        'name',
        'task',
        'give',
        'comes',
        'appears',
        'due',
        'off_day',
        'still_open',
        'catch_up',
        'pause',
        'until',
        'count',
    ];

    private RuleContext $context;

    public function __construct(RuleContext $context)
    {
        $own = [];
        foreach (DutyFields::TYPES as $path => $type) {
            $own[] = new Field($path, $path, $type);
        }
        $this->context = new RuleContext(
            $context->kinds,
            new FieldCatalogue([...array_values($context->fields->fields), ...$own]),
            $context->roster,
            $context->taskCatalogue,
        );
    }

    /** @throws DocumentError with all that is wrong with it */
    public function read(Node $node): Duty
    {
        Format::expect($node, self::VERSION);
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $id = $faults->collect(static fn(): string => TrackFormat::key($node->get('id')));
        $name = $faults->collect(static fn(): string => $node->get('name')->line(TextLimits::LABEL));
        $give = $faults->collect(
            fn(): ?Give => $node->has('give') ? (new GiveType())->read($node->get('give'), $this->context) : null,
        );
        $template = $faults->collect(
            fn(): DutyTemplate => (new DutyTaskFormat($this->context))->read($node->get('task'), $give),
        );
        $rhythm = $faults->collect(fn(): Rhythm => $this->rhythm($node->get('comes')));
        $appears = $faults->collect(fn(): ?Offset => $this->offset($node->find('appears')));
        $due = $faults->collect(fn(): ?Offset => $this->offset($node->find('due')));
        $offDay = $faults->collect(static fn(): ?OffDay => $node->find('off_day')?->case(OffDay::class));
        $open = $faults->collect(static fn(): ?StillOpen => $node->find('still_open')?->case(StillOpen::class));
        $catchUp = $faults->collect(static fn(): ?CatchUp => $node->find('catch_up')?->case(CatchUp::class));
        $pause = $faults->collect(static fn(): array => self::pause($node->find('pause')));
        $until = $faults->collect(static fn(): ?LocalDate => self::day($node->find('until')));
        $count = $faults->collect(static fn(): ?int => $node->find('count')?->int());
        $faults->throwIfAny();
        if ($id === null || $name === null || $template === null || $rhythm === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return $node->refuse(
            static fn(): Duty => new Duty(
                $id,
                $name,
                $template,
                $rhythm,
                $appears ?? Offset::parse('+0 days'),
                $due,
                $offDay ?? OffDay::Before,
                $open ?? StillOpen::Add,
                $catchUp ?? CatchUp::Newest,
                $pause[0] ?? null,
                $pause[1] ?? null,
                $until,
                $count,
            ),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Duty $duty): array
    {
        $template = $duty->template;

        return self::written([
            'openbaton' => self::VERSION,
            'id' => $duty->id,
            'name' => $duty->name,
            'task' => self::written(DutyTaskFormat::write($template)),
            'give' => $template->give === null ? null : GiveFormat::write($template->give),
            'comes' => $duty->rhythm->write() + ['from' => $duty->rhythm->from()->format()],
            'appears' => $duty->appears->amount === 0 ? null : $duty->appears->format(),
            'due' => $duty->due?->format(),
            'off_day' => $duty->offDay->value,
            'still_open' => $duty->stillOpen->value,
            'catch_up' => $duty->catchUp->value,
            'pause' => self::written(['from' => $duty->pauseFrom?->format(), 'to' => $duty->pauseTo?->format()]),
            'until' => $duty->until?->format(),
            'count' => $duty->count,
        ]);
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed> what is not said left out
     */
    private static function written(array $values): array
    {
        return array_filter($values, static fn(mixed $value): bool => $value !== null && $value !== []);
    }

    private function rhythm(Node $node): Rhythm
    {
        $node->only(['rule', 'after_last', 'from']);
        $from = Day::read($node->get('from'));
        if ($node->has('after_last')) {
            if ($node->has('rule')) {
                throw $node->fail('It comes by a rule, or so long after the last: one of the two.');
            }
            $distance = $this->offset($node->get('after_last'));

            return $node->refuse(static fn(): AfterLast => new AfterLast($distance, $from));
        }
        $rule = (new RecurrenceRule())->read($node->get('rule'), $this->context);

        return $node
            ->get('rule')
            ->refuse(
                static fn(): ByCalendar => new ByCalendar(new Recurrence($rule, $from, TimeOfDay::parse('00:00'))),
            );
    }

    /** @return ($node is null ? null : Offset) */
    private function offset(?Node $node): ?Offset
    {
        return $node === null ? null : (new OffsetType())->read($node, $this->context);
    }

    /** @return array{0?: LocalDate, 1?: LocalDate|null} */
    private static function pause(?Node $node): array
    {
        if ($node === null) {
            return [];
        }
        $node->only(['from', 'to']);

        return [Day::read($node->get('from')), self::day($node->find('to'))];
    }

    private static function day(?Node $node): ?LocalDate
    {
        return $node === null ? null : Day::read($node);
    }
}
