<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use App\Bridge\SnapshotSource;
use App\Http\Requests\Whole;
use App\Models\Tasks\TaskKind;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;

/** A kind of task that the house makes, or changes. */
final class KindRequest extends HouseRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:' . TextLimits::LABEL],
            'minutes' => ['required', new Whole(1, 60000)],
            'guide' => ['nullable', 'string', 'max:' . TextLimits::GUIDE],
            'defaults' => ['array'],
        ] + ($this->kind() === null ? ['slug' => self::newSlug('task_kinds')] : []);
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'slug.unique' => 'There is a kind of that short name already.',
            'minutes.*' => 'Give the minutes that it usually takes.',
        ];
    }

    public function kind(): ?TaskKind
    {
        $kind = $this->route('kind');

        return $kind instanceof TaskKind ? $kind : null;
    }

    public function slug(): string
    {
        return $this->kind() === null ? $this->line('slug') : (string) $this->kind()->slug;
    }

    public function name(): string
    {
        return $this->line('name');
    }

    public function guide(): ?string
    {
        return $this->filled('guide') ? $this->line('guide') : null;
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
