<?php

declare(strict_types=1);

namespace App\Explain;

/**
 * A recorded trace put into words: the narrowing with everyone's reason, the
 * figures of the method, what each rule came to. Nothing is computed anew, so
 * what it says stays true when the roster has changed.
 */
final readonly class ReasonTrail
{
    private TraceWords $said;

    public function __construct(private Words $words)
    {
        $this->said = new TraceWords($words);
    }

    /**
     * @param array<string, mixed> $trace
     *
     * @return array<string, mixed> a Trail of app/Http/Pages/TaskView.ts
     */
    public function of(array $trace): array
    {
        $verdicts = $this->words->pools($trace['verdicts'] ?? []);
        $deciding = null;
        foreach ($verdicts as $verdict) {
            if (($verdict['verdict'] ?? null) === 'decided') {
                $deciding = $verdict;
            }
        }

        return [
            'at' => $this->words->text($trace['at'] ?? ''),
            'version' => $this->words->text($trace['rulebook_version'] ?? ''),
            'outcome' => $this->words->text($trace['outcome'] ?? ''),
            'rule' => $deciding === null ? null : ['id' => $this->words->text($deciding['rule']), 'name' => $this->words->text($deciding['name'])],
            'pick' => $this->personOrNull($trace['assignee'] ?? null),
            'summary' => $this->summary($trace, $deciding),
            'steps' => $deciding === null ? [] : $this->steps($deciding),
            'method' => $deciding === null ? null : $this->method($deciding),
            'cover' => $deciding === null ? null : $this->cover($this->words->map($deciding['cover'] ?? [])),
            'otherwise' => $deciding === null ? null : $this->said->otherwise($this->words->map($deciding['otherwise'] ?? [])),
            'openTo' => array_map($this->person(...), $this->words->texts($trace['open_to'] ?? [])),
            'effects' => array_map($this->said->effect(...), $this->words->pools($trace['effects'] ?? [])),
            'verdicts' => array_map($this->verdict(...), $verdicts),
        ];
    }

    /**
     * @param array<string, mixed>      $trace
     * @param array<string, mixed>|null $deciding
     */
    private function summary(array $trace, ?array $deciding): string
    {
        if ($deciding === null) {
            return 'No rule found anybody.';
        }
        $parts = [];
        foreach ($this->steps($deciding) as $step) {
            $parts[] = "{$step['count']} {$step['label']}";
        }
        $method = $this->method($deciding);
        if ($method !== null) {
            $parts[] = $method['label'];
        }
        $parts[] = match ($trace['outcome'] ?? null) {
            'assigned' => $this->words->person($this->words->text($trace['assignee'] ?? '')),
            'open' => 'open to '.count($this->words->texts($trace['open_to'] ?? [])).' people',
            default => 'unplaced',
        };

        return implode(' → ', $parts);
    }

    /**
     * @param array<string, mixed> $verdict
     *
     * @return list<array{code: string, count: int, label: string, kept: list<array{slug: string, name: string}>, fallen: list<array{slug: string, name: string, reason: string}>}>
     */
    private function steps(array $verdict): array
    {
        $house = is_int($verdict['house'] ?? null) ? $verdict['house'] : 0;
        $steps = [['code' => 'house', 'count' => $house, 'label' => $house === 1 ? 'person' : 'people', 'kept' => [], 'fallen' => []]];
        foreach ($this->words->pools($verdict['steps'] ?? []) as $step) {
            $kept = $this->words->texts($step['kept'] ?? []);
            $code = $this->words->text($step['step'] ?? '');
            $fallen = $this->words->pools($step['fallen'] ?? []);
            $steps[] = [
                'code' => $code,
                'count' => count($kept),
                'label' => $this->said->stepLabel($code, $verdict),
                'kept' => array_map($this->person(...), $kept),
                'fallen' => array_map($this->fallen(...), $fallen),
            ];
        }

        return $steps;
    }

    /**
     * @param array<string, mixed> $one
     *
     * @return array{slug: string, name: string, reason: string}
     */
    private function fallen(array $one): array
    {
        $figures = $this->words->map($one['figures'] ?? []);
        $reasons = array_map(fn(string $reason): string => $this->said->reason($reason, $figures), $this->words->texts($one['reasons'] ?? []));

        return $this->person($this->words->text($one['person'] ?? '')) + ['reason' => implode('; ', $reasons)];
    }

    /**
     * @param array<string, mixed> $verdict
     *
     * @return array{code: string, label: string, candidates: list<array<string, mixed>>}|null
     */
    private function method(array $verdict): ?array
    {
        $method = $this->words->map($verdict['method'] ?? []);
        if (! isset($verdict['candidates'])) {
            return null;
        }
        $code = $this->words->text($method['kind'] ?? '');
        $candidates = [];
        foreach ($this->words->pools($verdict['candidates']) as $candidate) {
            $slug = $this->words->text($candidate['person'] ?? '');
            $candidates[] = $this->person($slug) + [
                'figures' => $this->said->figures($candidate),
                'picked' => $slug === ($verdict['pick'] ?? null),
            ];
        }

        return [
            'code' => $code,
            'label' => match ($code) {
                'round_robin' => 'round-robin "'.$this->words->text($method['rotation'] ?? '').'"',
                'lightest_load' => 'lightest load',
                'in_order' => 'first in order',
                'same_person' => 'the same person',
                'open' => 'open to claim',
                default => $code,
            },
            'candidates' => $candidates,
        ];
    }

    /**
     * @param array<string, mixed> $cover
     *
     * @return array<string, mixed>|null
     */
    private function cover(array $cover): ?array
    {
        if ($cover === [] || ($cover['person'] ?? null) === ($cover['for'] ?? null)) {
            return null;
        }
        $asked = [];
        foreach ($this->words->pools($cover['asked'] ?? []) as $step) {
            $reasons = array_map(fn(string $reason): string => $this->said->reason($reason, $step), $this->words->texts($step['reasons'] ?? []));
            $asked[] = $this->person($this->words->text($step['person'] ?? '')) + ['reason' => $reasons === [] ? 'there' : implode('; ', $reasons)];
        }

        return [
            'for' => $this->personOrNull($cover['for'] ?? null),
            'person' => $this->personOrNull($cover['person'] ?? null),
            'byLead' => ($cover['by_lead'] ?? false) === true,
            'circle' => ($cover['circle'] ?? false) === true,
            'asked' => $asked,
        ];
    }

    /**
     * @param array<string, mixed> $verdict
     *
     * @return array<string, mixed>
     */
    private function verdict(array $verdict): array
    {
        $code = $this->words->text($verdict['verdict'] ?? '');

        return [
            'rule' => $this->words->text($verdict['rule'] ?? ''),
            'name' => $this->words->text($verdict['name'] ?? ''),
            'verdict' => $code,
            'said' => match ($code) {
                'paused' => 'The rule was paused.',
                'not_in_force' => 'The rule was not in force on that day.',
                'not_this_event' => 'The rule waits for something else.',
                'criterion_failed' => $this->said->failed($this->words->map($verdict['failed'] ?? [])),
                'nobody_eligible' => 'It held, but nobody was eligible: '.$this->narrowing($verdict),
                'followed_up' => 'It held and only carried its follow-ups.',
                'decided' => 'It held and decided.',
                'not_reached' => 'An earlier rule had decided.',
                default => $code,
            },
        ];
    }

    /** @param array<string, mixed> $verdict */
    private function narrowing(array $verdict): string
    {
        return implode(' → ', array_map(
            static fn(array $step): string => "{$step['count']} {$step['label']}",
            $this->steps($verdict),
        )).'.';
    }

    /** @return array{slug: string, name: string} */
    private function person(string $slug): array
    {
        return ['slug' => $slug, 'name' => $this->words->person($slug)];
    }

    /** @return array{slug: string, name: string}|null */
    private function personOrNull(mixed $slug): ?array
    {
        return is_string($slug) && $slug !== '' ? $this->person($slug) : null;
    }
}
