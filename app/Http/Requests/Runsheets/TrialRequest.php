<?php

declare(strict_types=1);

namespace App\Http\Requests\Runsheets;

use App\Http\Invalid;
use App\Http\Requests\InputRequest;
use App\Http\Requests\Whole;
use App\Models\Cases\CustomerCase;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Run\Trial\TrialDeed;
use OpenBaton\Core\Flow\Run\Trial\TrialDeedKind;
use OpenBaton\Core\Time\WorkingSpan;

/** A runsheet as it is written, and what is said to happen in a run of it that makes nothing. */
final class TrialRequest extends InputRequest
{
    private const MOST_DEEDS = 300;

    public function authorize(): bool
    {
        return Gate::allows('shape', House::class);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'deeds' => ['present', 'list', 'max:' . self::MOST_DEEDS],
            'deeds.*.kind' => ['required', 'string', Rule::enum(TrialDeedKind::class)],
            'deeds.*.step' => ['nullable', 'string', 'max:' . TextLimits::LABEL],
            'deeds.*.minutes' => ['nullable', new Whole(1, WorkingSpan::MOST_MINUTES)],
            'holds' => ['array', 'max:500'],
            'holds.*' => ['boolean'],
            'number' => ['nullable', new Whole(1)],
        ];
    }

    public function document(): Node
    {
        return Node::root($this->input('document'));
    }

    /** @return list<TrialDeed> */
    public function deeds(): array
    {
        $deeds = [];
        foreach (array_keys((array) $this->input('deeds')) as $place) {
            $deeds[] = new TrialDeed(
                TrialDeedKind::from($this->line("deeds.{$place}.kind")),
                $this->line("deeds.{$place}.step"),
                $this->integer("deeds.{$place}.minutes"),
            );
        }

        return $deeds;
    }

    /** @return array<array-key, bool> by the key of a block */
    public function holds(): array
    {
        return array_map(
            static fn(mixed $holds): bool => filter_var($holds, FILTER_VALIDATE_BOOL),
            (array) $this->input('holds'),
        );
    }

    /** The task or case that the run is tried on, by its number; null: one that is made up. */
    public function subject(): Task|CustomerCase|null
    {
        $number = $this->integer('number');
        if ($number === 0) {
            return null;
        }
        $found =
            $this->input('document.about') === 'case'
                ? CustomerCase::query()->where('number', $number)->first()
                : Task::query()->where('number', $number)->first();

        return $found ?? throw Invalid::at('number', 'There is none of this number.');
    }
}
