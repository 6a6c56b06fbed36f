<?php

declare(strict_types=1);

namespace App\Explain;

/** What single parts of a trace say. */
final readonly class TraceWords
{
    public function __construct(private Words $words) {}

    /** @param array<string, mixed> $verdict */
    public function stepLabel(string $code, array $verdict): string
    {
        return match ($code) {
            'pool' => $this->words->pool($this->words->map($verdict['pool'] ?? [])),
            'present' => 'present',
            'cover' => 'there, or standing in',
            'skill_at_least' => 'skilled enough',
            'open_tasks_at_most' => 'with few enough open tasks',
            'load_ratio_at_most' => 'with room in their load',
            default => $code,
        };
    }

    /** @param array<string, mixed> $figures */
    public function reason(string $code, array $figures): string
    {
        $figure = fn(string $name): string => $this->words->text($figures[$name] ?? '');

        return match ($code) {
            'not_in_pool' => 'not in the pool',
            'inactive' => 'no longer active',
            'not_yet_member' => 'not yet here',
            'no_longer_member' => 'no longer here',
            'paused' => 'takes in no new work',
            'absent' => $figure('away_until') === '' ? 'away' : 'away '.$this->words->until($figure('away_until')),
            'skill_at_least' => $this->words->skill($figure('skill')).' at level '.$figure('level').', '.$figure('needed').' needed',
            'open_tasks_at_most' => $figure('open_tasks').' open tasks already, '.$figure('at_most').' at most with the new one',
            'load_ratio_at_most' => $figure('load_percent') === ''
                ? 'no working time in the next five days'
                : 'load would be '.$figure('load_percent').' %, '.$figure('at_most').' % at most',
            default => $code,
        };
    }

    /** @param array<string, mixed> $candidate */
    public function figures(array $candidate): string
    {
        $parts = [];
        if (isset($candidate['mark'])) {
            // Marks are shown in turns of a full weight, which is what one can compare.
            $parts[] = 'mark '.number_format((float) $this->words->text($candidate['mark']) / 10_000_000, 2);
            if (($candidate['weight'] ?? 100) !== 100) {
                $parts[] = 'weight '.number_format((float) $this->words->text($candidate['weight']) / 100, 2);
            }
        }
        if (array_key_exists('load_percent', $candidate)) {
            $parts[] = $candidate['load_percent'] === null ? 'no working time' : 'load '.$this->words->text($candidate['load_percent']).' % with it';
            $parts[] = ($candidate['last_assigned'] ?? null) === null ? 'nothing yet' : 'last given work '.$this->words->moment($this->words->text($candidate['last_assigned']));
        }
        if (isset($candidate['place'])) {
            $parts[] = 'place '.$this->words->text($candidate['place']);
        }

        return implode(', ', $parts);
    }

    /** @param array<string, mixed> $otherwise */
    public function otherwise(array $otherwise): ?string
    {
        return match ($otherwise['kind'] ?? null) {
            'unplaced' => 'Nobody was eligible, and the rule says to wait as unplaced.',
            'person' => 'Nobody was eligible, and the rule says to give it to '.$this->words->person($this->words->text($otherwise['person'] ?? '')).'.',
            'open_to_team' => 'Nobody was eligible, and the rule says to open it to '.$this->words->team($this->words->text($otherwise['team'] ?? '')).'.',
            default => null,
        };
    }

    /** @param array<string, mixed> $effect */
    public function effect(array $effect): string
    {
        return match ($effect['effect'] ?? null) {
            'due_set' => 'Due '.$this->words->moment($this->words->text($effect['due'] ?? '')),
            'due_impossible' => 'No due date: there is not enough working time to come',
            'priority_set' => 'Priority '.$this->words->text($effect['priority'] ?? ''),
            'tag_added' => 'Tag "'.$this->words->text($effect['tag'] ?? '').'"',
            default => '',
        };
    }

    /** @param array<string, mixed> $failed */
    public function failed(array $failed): string
    {
        $comparison = $this->words->map($failed['comparison'] ?? []);
        $path = $this->words->text($comparison['field'] ?? '');
        if ($path === '') {
            return 'Its criteria are empty.';
        }
        $asked = trim(Words::OPERATORS[$this->words->text($comparison['op'] ?? '')].' '.(array_key_exists('value', $comparison) ? $this->words->value($path, $comparison['value']) : ''));

        return 'It asks that '.$this->words->field($path).' '.(($failed['negated'] ?? false) === true ? 'not be so: ' : '').$asked
            .'; it was '.$this->words->value($path, $failed['seen'] ?? null).'.';
    }
}
