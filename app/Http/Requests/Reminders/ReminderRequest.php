<?php

declare(strict_types=1);

namespace App\Http\Requests\Reminders;

use App\Bridge\SnapshotSource;
use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use App\Models\Reminders\Audience;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use App\Reminders\ReminderTerms;
use App\Reminders\ReminderWords;
use Illuminate\Validation\Rule;
use LogicException;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Parameter\MergedTextType;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\PartFormat;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Text\MergedText;

/** A reminder that somebody sets: for a kind of task, for one task, or for whatever they hold. */
final class ReminderRequest extends InputRequest
{
    public function authorize(): bool
    {
        $user = $this->user();
        $reminder = $this->reminder();
        if ($reminder !== null) {
            return $user?->can('change', $reminder) === true;
        }
        $task = $this->task();

        return match (true) {
            $this->filled('kind') => $user?->can('propose', Reminder::class) === true,
            $task !== null => $user?->can('own', Reminder::class) === true && $user->can('view', $task),
            default => $user?->can('own', Reminder::class) === true,
        };
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $customer = $this->input('audience') === Audience::Customer->value;

        return [
            'kind' => ['nullable', 'string', Rule::exists('task_kinds', 'slug')],
            'task' => ['nullable', 'string', 'ulid'],
            'audience' => [
                $this->proposes() ? 'required' : 'nullable',
                Rule::enum(Audience::class)->except(Audience::Self),
            ],
            'channels' => ['array', 'list', 'max:' . count(Channel::cases()), ...$customer ? ['min:1'] : []],
            'channels.*' => [
                'required',
                'distinct',
                Rule::enum(Channel::class)->except($customer ? [Channel::Chat] : []),
            ],
            'text' => [$customer ? 'required' : 'nullable', 'string', 'max:' . ReminderWords::MOST],
            'field' => ['required', 'string', 'max:100'],
            'offset' => ['required', 'string', 'max:30'],
            'time' => ['nullable', 'string', 'max:5'],
        ];
    }

    public function terms(): ReminderTerms
    {
        $faults = new Faults();
        $context = app(SnapshotSource::class)->current()->ruleContext();
        $on = $faults->collect(fn(): DateReached => $this->on($context));
        $text = $faults->collect(fn(): ?MergedText => $this->text($context));
        if ($faults->all() !== []) {
            throw Invalid::of(new DocumentError($faults->all()), 'time');
        }

        return new ReminderTerms(
            $this->proposes() ? $this->enum('audience', Audience::class) ?? Audience::Holder : Audience::Self,
            $on ?? throw new LogicException('What is wrong was not told.'),
            Channel::among((array) $this->input('channels', [])),
            $text,
        );
    }

    public function reminder(): ?Reminder
    {
        $reminder = $this->route('reminder');

        return $reminder instanceof Reminder ? $reminder : null;
    }

    public function kind(): ?TaskKind
    {
        return $this->filled('kind')
            ? TaskKind::query()
                ->where('slug', $this->string('kind')->toString())
                ->firstOrFail()
            : null;
    }

    public function task(): ?Task
    {
        return $this->filled('task') ? Task::query()->findOrFail($this->string('task')->lower()->toString()) : null;
    }

    private function proposes(): bool
    {
        $reminder = $this->reminder();

        return $reminder === null ? $this->filled('kind') : $reminder->task_kind_id !== null;
    }

    private function on(RuleContext $context): DateReached
    {
        $document = array_filter(
            [
                'kind' => DateReached::kind(),
                'field' => $this->string('field')->toString(),
                'offset' => $this->string('offset')->toString(),
                'time' => $this->filled('time') ? $this->string('time')->toString() : null,
            ],
            is_string(...),
        );
        $part = PartFormat::read(Node::root($document), Family::Event, $context);

        return $part instanceof DateReached ? $part : throw new LogicException('It is read as what it says.');
    }

    private function text(RuleContext $context): ?MergedText
    {
        $text = $this->string('text')->trim()->toString();

        return $text === ''
            ? null
            : (new MergedTextType(ReminderWords::MOST, false))->read(Node::root($text, '/text'), $context);
    }
}
