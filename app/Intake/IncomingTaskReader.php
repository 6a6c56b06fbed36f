<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\CustomerSource;
use App\Bridge\KnownCustomer;
use App\Bridge\KnownKind;
use App\Bridge\Snapshot;
use App\Database\Stamp;
use Closure;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Workload\Priority;

/** Reads an incoming task from a document; everything that is wrong with it is reported, each by its JSON pointer. */
final class IncomingTaskReader
{
    private const KNOWN = ['title', 'kind', 'description', 'customer', 'contact', 'priority', 'estimate', 'start', 'due', 'tags', 'fields'];

    /** @var list<Fault> */
    private array $faults = [];

    public function __construct(private readonly CustomerSource $customers) {}

    /** @throws DocumentError */
    public function read(Node $node, string $source, Snapshot $snapshot): IncomingTask
    {
        $this->faults = [];
        foreach ($node->members() as $name => $member) {
            if (! in_array($name, self::KNOWN, true)) {
                $this->faults[] = new Fault($member->pointer, 'There is no such member; the known ones are '.implode(', ', self::KNOWN).'.');
            }
        }
        $title = $this->attempt(fn(): string => $this->short($node->get('title'), 255));
        $kind = $this->attempt(fn(): KnownKind => $this->kind($node->get('kind'), $snapshot));
        $description = $this->attempt(fn(): ?string => $node->has('description') ? $this->short($node->get('description'), 20_000) : null);
        $customer = $this->attempt(fn(): ?KnownCustomer => $node->has('customer') ? $this->customer($node->get('customer'), $snapshot) : null);
        $contact = $this->attempt(fn(): ?string => $node->has('contact') ? $this->short($node->get('contact'), 255) : null);
        $priority = $this->attempt(fn(): ?Priority => $node->find('priority')?->case(Priority::class));
        $estimate = $this->attempt(fn(): ?int => $node->find('estimate')?->minutes());
        $startsAt = $this->attempt(fn(): ?int => $this->moment($node->find('start')));
        $dueAt = $this->attempt(fn(): ?int => $this->moment($node->find('due')));
        $tags = $this->attempt(fn(): array => array_map(fn(Node $tag): string => $this->short($tag, 60), $node->itemsOf('tags')));
        $facts = $this->facts($node->find('fields'), $snapshot->catalogue);
        if ($startsAt !== null && $dueAt !== null && $dueAt < $startsAt) {
            $this->faults[] = new Fault('/due', 'It is due before it can be started.');
        }
        if ($this->faults !== [] || $title === null || $kind === null) {
            throw new DocumentError($this->faults === [] ? [new Fault('', 'A title and a kind are needed.')] : $this->faults);
        }

        return new IncomingTask($title, $kind, $source, $description, $customer, $contact, $priority ?? Priority::Normal, $estimate, $startsAt, $dueAt, $facts, array_values(array_unique($tags ?? [])));
    }

    /**
     * @template T
     *
     * @param Closure(): T $read
     *
     * @return T|null
     */
    private function attempt(Closure $read): mixed
    {
        try {
            return $read();
        } catch (DocumentError $error) {
            $this->faults = [...$this->faults, ...$error->faults];

            return null;
        }
    }

    private function short(Node $node, int $most): string
    {
        $text = trim($node->text());

        return mb_strlen($text) <= $most ? $text : throw $node->fail("This has at most {$most} characters.");
    }

    private function kind(Node $node, Snapshot $snapshot): KnownKind
    {
        return $snapshot->kindNamed($node->text())
            ?? throw $node->fail("There is no kind of task \"{$node->text()}\"; there are ".implode(', ', array_column($snapshot->kinds, 'slug')).'.');
    }

    private function customer(Node $node, Snapshot $snapshot): KnownCustomer
    {
        return $this->customers->named($node->text(), $snapshot) ?? throw $node->fail("There is no customer \"{$node->text()}\".");
    }

    private function moment(?Node $node): ?int
    {
        $instant = $node?->instant();
        $year = $instant === null ? null : (int) gmdate('Y', $instant);
        if ($node !== null && ($year < Stamp::FIRST_YEAR || $year > Stamp::LAST_YEAR)) {
            throw $node->fail('A moment in the years from '.Stamp::FIRST_YEAR.' to '.Stamp::LAST_YEAR.' belongs here.');
        }

        return $instant;
    }

    /** @return array<string, mixed> */
    private function facts(?Node $node, FieldCatalogue $catalogue): array
    {
        $facts = [];
        foreach ($this->attempt(static fn(): array => $node?->members() ?? []) ?? [] as $path => $value) {
            $this->attempt(function () use ($path, $value, $catalogue, &$facts): void {
                $field = $catalogue->find((string) $path) ?? throw $value->fail("There is no field \"{$path}\".");
                if ($value->value !== null) {
                    ValueCodec::read($value, $field);
                    $facts[(string) $path] = $value->value;
                }
            });
        }

        return $facts;
    }
}
