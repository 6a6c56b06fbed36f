<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\CustomerSource;
use App\Bridge\HouseAt;
use App\Bridge\Snapshot;
use App\Fields\KnownCustomer;
use App\Fields\KnownKind;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\TaskSource;
use LogicException;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Workload\Priority;

/** Reads an incoming task from a document; everything that is wrong with it is reported, each by its JSON pointer. */
final readonly class IncomingTaskReader
{
    private const MEMBERS = [
        'title',
        'kind',
        'description',
        'customer',
        'contact',
        'priority',
        'estimate',
        'start',
        'due',
        'tags',
        'fields',
        'case',
        'needed',
    ];

    public function __construct(private CustomerSource $customers) {}

    /**
     * That these customers are soon read of; they are fetched at once.
     *
     * @param list<string> $customers ids
     */
    public function prepare(array $customers, HouseAt $at): void
    {
        $this->customers->prepare($customers, $at);
    }

    /** @throws DocumentError */
    public function read(Node $node, TaskSource $source, HouseAt $at): IncomingTask
    {
        $house = $at->snapshot;
        $faults = new Faults();
        $faults->add(...$node->strangers(self::MEMBERS));
        $title = $faults->collect(static fn(): string => $node->get('title')->line(TextLimits::TITLE));
        $kind = $faults->collect(fn(): KnownKind => $this->kind($node->get('kind'), $house));
        $description = $faults->collect(
            static fn(): ?string => $node->find('description')?->prose(TextLimits::DETAILS),
        );
        $customer = $faults->collect(
            fn(): ?KnownCustomer => $node->has('customer') ? $this->customer($node->get('customer'), $at) : null,
        );
        $contact = $faults->collect(static fn(): ?string => $node->find('contact')?->line(TextLimits::TITLE));
        $priority = $faults->collect(static fn(): ?Priority => $node->find('priority')?->case(Priority::class));
        $estimate = $faults->collect(static fn(): ?int => $node->find('estimate')?->minutes());
        $startsAt = $faults->collect(static fn(): ?int => self::moment($node->find('start')));
        $dueAt = $faults->collect(static fn(): ?int => self::moment($node->find('due')));
        $tags = $faults->collect(
            static fn(): array => array_map(
                static fn(Node $tag): string => $tag->line(TextLimits::TAG),
                $node->itemsOf('tags'),
            ),
        );
        $caseId = $faults->collect(static fn(): ?string => $node->has('case') ? self::case($node->get('case')) : null);
        $needed = $faults->collect(static fn(): bool => $node->find('needed')?->bool() ?? false);
        $facts = $faults->collect(fn(): array => $this->facts($node, $kind, $house, $faults));
        if ($startsAt !== null && $dueAt !== null && $dueAt < $startsAt) {
            $faults->add(...$node->get('due')->fail('It is due before it can be started.')->faults);
        }
        $faults->throwIfAny();
        if ($title === null || $kind === null) {
            throw new LogicException('What could not be read has no fault.');
        }

        return new IncomingTask(
            $title,
            $kind,
            $source,
            $description,
            $customer,
            $contact,
            $priority ?? Priority::Normal,
            $estimate,
            $startsAt,
            $dueAt,
            ($facts ?? []) + $kind->defaults,
            array_values(array_unique($tags ?? [])),
            $caseId,
            $needed === true || $kind->needed,
        );
    }

    private function kind(Node $node, Snapshot $house): KnownKind
    {
        return $house->kindNamed($node->text()) ??
            throw $node->fail(
                'There is no kind of task "{given}"; there are {known}.',
                given: $node->text(),
                known: implode(', ', array_column($house->kinds, 'slug')),
            );
    }

    private function customer(Node $node, HouseAt $house): KnownCustomer
    {
        return $this->customers->named($node->text(), $house) ??
            throw $node->fail('There is no customer "{given}".', given: $node->text());
    }

    private static function case(Node $node): string
    {
        $case = CustomerCase::query()
            ->open()
            ->find($node->line(TextLimits::ID), ['id']);

        return $case === null ? throw $node->fail('There is no open case of this id.') : $case->id;
    }

    private static function moment(?Node $node): ?int
    {
        return $node === null ? null : $node->instant();
    }

    /** @return array<string, mixed> */
    private function facts(Node $document, ?KnownKind $kind, Snapshot $house, Faults $faults): array
    {
        $facts = [];
        $given = $document->find('fields');
        foreach ($given?->members() ?? [] as [$path, $value]) {
            $faults->collect(static function () use ($path, $value, $kind, $house, &$facts): void {
                $field =
                    $house->catalogue->find($path) ?? throw $value->fail('There is no field "{path}".', path: $path);
                if (!Assignment::isSettable($path)) {
                    throw $value->fail('"{path}" is not set here.', path: $path);
                }
                if ($value->value !== null) {
                    if ($kind !== null && !$kind->has($path)) {
                        throw $value->fail('Tasks of this kind have no "{path}".', path: $path);
                    }
                    ValueCodec::read($value, $field, $house->roster);
                    $facts[$path] = $value->value;
                }
            });
        }
        foreach (array_diff($kind?->required() ?? [], array_keys($facts + ($kind->defaults ?? []))) as $path) {
            $field = $house->catalogue->find($path);
            if ($field !== null && !$field->retired && ($given === null || !$given->has($path))) {
                $pointer = $given->pointer ?? $document->pointer . '/fields';
                $faults->add(new Fault($pointer, '"{path}" is missing.', true, ['path' => $path], $path));
            }
        }

        return $facts;
    }
}
