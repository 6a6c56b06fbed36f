<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\CustomerSource;
use App\Bridge\Snapshot;
use App\Fields\Choices;
use App\Fields\FieldProviders;
use App\Fields\KnownCustomer;
use App\Fields\KnownKind;
use App\Models\Customers\Customer;
use App\Models\Tasks\TaskSource;
use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Rulebook\FollowUp\CreateTask;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;

/**
 * What of a task people change by hand: what every task has, and the fields of the house. Values are as documents have
 * them.
 */
final readonly class EditableFields
{
    /** The type of the entry of each that every task has. */
    private const OWN = [
        'task.title' => 'line',
        CreateTask::DETAILS_FIELD => 'long_text',
        'task.priority' => 'one_of',
        'task.due' => 'moment',
        'task.start' => 'moment',
        'task.estimate' => 'duration',
        'task.tags' => 'tags',
    ];

    /** Those that are chosen first where a task is made, and can be changed like others afterwards. */
    private const CHOSEN = ['task.kind' => 'one_of', self::CUSTOMER => 'customer'];

    private const CUSTOMER = 'task.customer';

    public function __construct(private Snapshot $house, private Words $words, private FieldProviders $providers) {}

    /**
     * @return list<array{path: string, label: string, type: string, options: list<array{value: string,
     *     label: string}>}> what is chosen first where a task is made: its kind and its customer
     */
    public function chosen(): array
    {
        return array_map($this->entry(...), array_keys(self::CHOSEN), array_values(self::CHOSEN));
    }

    /**
     * @param string|null $kind id of a kind of task: what its tasks have; null: what tasks of any kind have
     *
     * @return list<array{path: string, label: string, type: string, options: list<array{value: string,
     *     label: string}>}> in their order
     */
    public function all(?string $kind = null): array
    {
        $kind = $kind === null ? null : $this->house->kindNamed($kind);
        return [
            ...array_map($this->entry(...), array_keys(self::OWN), array_values(self::OWN)),
            ...Choices::entries(
                array_filter(
                    $this->house->catalogue->fields,
                    static fn(Field $field): bool => Assignment::isSettable($field->path) &&
                        !$field->retired &&
                        ($kind === null || $kind->has($field->path)),
                ),
            ),
        ];
    }

    /** @return array{path: string, label: string, type: string, options: list<array{value: string, label: string}>} */
    private function entry(string $path, string $type): array
    {
        return [
            'path' => $path,
            'label' => $this->label($path),
            'type' => $type,
            'options' => Choices::of($this->house->catalogue->find($path)->options ?? []),
        ];
    }

    public function label(string $path): string
    {
        return match ($path) {
            CreateTask::DETAILS_FIELD => $this->words->say('field.task.details'),
            self::CUSTOMER => $this->words->say('field.customer.name'),
            default => $this->house->catalogue->find($path)->label ?? $path,
        };
    }

    public function value(TaskSubject $subject, string $path): mixed
    {
        $field = $this->house->catalogue->find($path);
        $value = $subject->fields[$path] ?? null;

        return match ($path) {
            self::CUSTOMER => Customer::query()->whereKey($subject->customerId)->value('slug'),
            'task.priority' => $subject->priority->value,
            'task.due' => Instant::orNull($subject->dueAt),
            'task.start' => Instant::orNull($subject->startAt),
            'task.estimate' => $subject->effort->estimate === null
                ? null
                : Duration::format($subject->effort->estimate),
            'task.tags' => $subject->tags === [] ? null : $subject->tags,
            default => $value === null || $field === null ? $value : ValueCodec::write($value, $field->type),
        };
    }

    /**
     * @param Node $node a value; null empties
     *
     * @throws DocumentError
     */
    public function set(TaskSubject $subject, string $path, Node $node): TaskSubject
    {
        $empty = ValueCodec::isBlank($node);
        if ($path === self::CUSTOMER) {
            return $this->for($subject, $empty ? null : $this->customer($node));
        }
        if ($path === 'task.kind') {
            return $this->ofKind($subject, $empty ? throw $node->unfinished('This is needed.') : $node);
        }
        if (!isset(self::OWN[$path])) {
            $field = $this->house->catalogue->find($path);
            if ($field === null || !Assignment::isSettable($path)) {
                throw $node->fail('There is no field "{path}" that is changed by hand.', path: $path);
            }

            if ($empty && in_array($path, $this->kindOf($subject)?->required() ?? [], true)) {
                throw $node->unfinished('This is needed.');
            }

            return $subject->withField($path, $empty ? null : ValueCodec::read($node, $field, $this->house->roster));
        }
        if ($empty && in_array($path, ['task.title', 'task.priority'], true)) {
            throw $node->unfinished('This is needed.');
        }

        return match ($path) {
            'task.title' => $subject->withField($path, $node->line(TextLimits::TITLE)),
            CreateTask::DETAILS_FIELD => $subject->withField($path, $empty ? null : $node->prose(TextLimits::DETAILS)),
            'task.priority' => $subject->prioritised($node->case(Priority::class)),
            // Set by hand, it follows nothing any more.
            'task.due' => $subject->dueAt($empty ? null : $node->instant()),
            'task.start' => $subject->with(['startAt' => $empty ? null : $node->instant()]),
            'task.estimate' => $subject->with([
                'effort' => new Effort(
                    $subject->effort->default,
                    $empty ? null : $node->minutes(),
                    $subject->effort->spent,
                    $subject->effort->remaining,
                ),
            ]),
            default => $subject->with([
                'tags' => $empty
                    ? []
                    : array_values(
                        array_unique(
                            array_map(static fn(Node $tag): string => $tag->line(TextLimits::TAG), $node->items()),
                        ),
                    ),
            ]),
        };
    }

    private function ofKind(TaskSubject $subject, Node $node): TaskSubject
    {
        $kind =
            $this->house->kindNamed($node->text()) ??
            throw $node->fail(
                'There is no kind of task "{given}"; there are {known}.',
                given: $node->text(),
                known: implode(', ', array_column($this->house->kinds, 'slug')),
            );
        $effort = $subject->effort;

        return $subject->withField('task.kind', $kind->slug)->with([
            'effort' => new Effort($kind->usualMinutes, $effort->estimate, $effort->spent, $effort->remaining),
        ]);
    }

    private function customer(Node $node): KnownCustomer
    {
        $customer = Customer::query()
            ->with(['owner', 'mergedInto.owner'])
            ->where('slug', $node->text())
            ->first();

        return $customer === null
            ? throw $node->fail('There is no customer "{given}".', given: $node->text())
            : CustomerSource::of($customer->mergedInto ?? $customer);
    }

    /** For another customer, by whose values it goes from now on. */
    private function for(TaskSubject $subject, ?KnownCustomer $customer): TaskSubject
    {
        $values = $this->providers->ofCustomer($customer, TaskSource::ByHand, $this->house->fieldContext());
        foreach ($values as $path => $value) {
            $subject = $subject->withField($path, $value);
        }

        return $subject->with(['customerId' => $customer?->id]);
    }

    private function kindOf(TaskSubject $subject): ?KnownKind
    {
        $kind = $subject->fields['task.kind'] ?? null;

        return is_string($kind) ? $this->house->kindNamed($kind) : null;
    }
}
