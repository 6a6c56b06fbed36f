<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Bridge\SnapshotSource;
use App\Fields\AskedField;
use App\Http\Requests\Whole;
use App\Models\Tasks\TaskKind;
use Illuminate\Validation\Rule;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Subject\Completion;

/** A kind of task that the house makes, or changes. */
final class KindRequest extends HouseRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => [
                'bail',
                'required',
                'string',
                'max:' . TextLimits::LABEL,
                Rule::unique(TaskKind::class, 'name')->ignore($this->kind()?->id),
            ],
            'minutes' => ['required', new Whole(1, 60000)],
            'defaults' => ['array'],
            'asks' => ['nullable', 'array', 'list', 'max:200'],
            'asks.*.path' => ['required', 'string', 'distinct', Rule::exists('fields', 'path')],
            'asks.*.required' => ['required', 'boolean'],
            'completion' => ['nullable', 'array:file,checklist,note,fields'],
            'completion.file' => ['boolean'],
            'completion.checklist' => ['boolean'],
            'completion.note' => ['boolean'],
            'completion.fields' => ['array', 'list', 'max:200'],
            'completion.fields.*' => ['required', 'string', 'distinct', Rule::exists('fields', 'path')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.unique' => 'There is a kind of that name already.',
            'minutes.*' => 'Give the minutes that it usually takes.',
        ];
    }

    public function kind(): ?TaskKind
    {
        $kind = $this->route('kind');

        return $kind instanceof TaskKind ? $kind : null;
    }

    public function name(): string
    {
        return $this->line('name');
    }

    /** @return list<array{path: string, required: bool}>|null null: all fields of the house */
    public function asks(): ?array
    {
        $asks = $this->validated('asks');

        return is_array($asks)
            ? array_map(
                static fn(AskedField $one): array => ['path' => $one->path, 'required' => $one->required],
                AskedField::list(
                    array_map(
                        static fn(mixed $one): array => [
                            'required' => filter_var(((array) $one)['required'] ?? false, FILTER_VALIDATE_BOOLEAN),
                        ] + (array) $one,
                        $asks,
                    ),
                ) ?? [],
            )
            : null;
    }

    /** What has to be there before a task of it is completed. */
    public function completion(): Completion
    {
        return Completion::read(
            array_map(
                static fn(mixed $one): mixed => is_array($one) ? $one : filter_var($one, FILTER_VALIDATE_BOOLEAN),
                (array) $this->validated('completion'),
            ),
        );
    }

    /** @return array<array-key, mixed> values by path, each right for its field */
    public function defaults(): array
    {
        $house = app(SnapshotSource::class)->current();
        $faults = new Faults();
        $defaults = [];
        foreach ((array) $this->input('defaults', []) as $path => $value) {
            $faults->collect(static function () use ($path, $value, $house, &$defaults): void {
                $node = Node::root($value, "/defaults/{$path}");
                $field = $house->catalogue->find((string) $path);
                if ($field === null || !Assignment::isSettable((string) $path)) {
                    throw $node->fail('There is no field "{path}".', path: (string) $path);
                }
                if (!ValueCodec::isBlank($node)) {
                    ValueCodec::read($node, $field, $house->roster);
                    $defaults[$path] = $value;
                }
            });
        }
        $faults->throwIfAny();

        return $defaults;
    }
}
