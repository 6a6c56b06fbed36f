<?php

declare(strict_types=1);

namespace App\People;

/** A change that is made to several people alike. */
final readonly class PeopleChange
{
    public const KINDS = ['percent', 'tasks', 'zone', 'join', 'leave', 'skill', 'attribute', 'place'];

    /**
     * @param string          $what   one of KINDS
     * @param string|int|null $value  percent, tasks, zone, an attribute, or the slug of a team, a skill or a place
     * @param int             $amount the weight in a team, the level of a skill, or 1 for an attribute; 0 takes it away
     */
    public function __construct(private string $what, private string|int|null $value, private int $amount) {}

    public function of(PersonTerms $terms): PersonTerms
    {
        $document = $terms->document;
        $teams = $terms->teams;
        switch ($this->what) {
            case 'percent':
                $document['capacity'] =
                    ['percent' => $this->value] +
                    array_intersect_key((array) ($document['capacity'] ?? []), ['amount_a_day' => true]);
                break;
            case 'tasks':
                $document['open_tasks_at_most'] = $this->value;
                break;
            case 'zone':
                $document['zone'] = $this->value;
                break;
            case 'join':
                $teams[(string) $this->value] = ['weight' => $this->amount] + ($teams[(string) $this->value] ?? []);
                break;
            case 'leave':
                unset($teams[(string) $this->value]);
                break;
            case 'skill':
                $document['skills'] = array_filter(
                    [(string) $this->value => $this->amount] + (array) ($document['skills'] ?? []),
                );
                break;
            case 'attribute':
                $others = array_filter(
                    (array) ($document['attributes'] ?? []),
                    fn(mixed $one): bool => $one !== $this->value,
                );
                $document['attributes'] = array_values($this->amount === 0 ? $others : [...$others, $this->value]);
                break;
            case 'place':
                $document['place'] = $this->value;
        }

        return new PersonTerms(
            array_filter($document, static fn(mixed $value): bool => $value !== null && $value !== []),
            $teams,
        );
    }
}
