<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Group;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Parameter\FieldChangeType;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\ParameterType;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\Rulebook\FieldChange;
use OpenBaton\Core\Rulebook\FieldValue;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;

/** Finds the rules that name a person, by the types of the parameters that their parts declare. */
final readonly class Mentions
{
    private function __construct(private string $personId, private FieldCatalogue $fields) {}

    /** @return list<Mention> in the order of the rules; of rules that are active or not */
    public static function of(Rulebook $rulebook, string $personId): array
    {
        $search = new self($personId, $rulebook->fields);

        return array_merge(...array_map($search->in(...), $rulebook->rules));
    }

    /** @return list<Mention> */
    private function in(Rule $rule): array
    {
        $give = $rule->give;
        $found = [
            MentionPlace::When->value => $this->anyOf($rule->events),
            MentionPlace::If->value => $this->inCriteria($rule->criteria),
            MentionPlace::GiveTo->value =>
                $give !== null && ($this->inPart($give->pool) || $this->anyOf([$give->method, ...$give->limits])),
            MentionPlace::Otherwise->value => $give !== null && $this->inPart($give->otherwise),
            MentionPlace::Then->value => $this->anyOf($rule->followUps),
        ];
        $mentions = [];
        foreach (array_keys(array_filter($found)) as $place) {
            $place = MentionPlace::from($place);
            $mentions[] = new Mention(
                $rule,
                $place,
                $place === MentionPlace::Otherwise ||
                    ($place === MentionPlace::GiveTo && $give?->pool->namesOne() === true),
            );
        }

        return $mentions;
    }

    /** @param list<Part> $parts */
    private function anyOf(array $parts): bool
    {
        foreach ($parts as $part) {
            if ($this->inPart($part)) {
                return true;
            }
        }

        return false;
    }

    private function inPart(Part $part): bool
    {
        foreach ($part::parameters() as $parameter) {
            if ($this->inValue($part->{$parameter->property()}, $parameter->type)) {
                return true;
            }
        }

        return false;
    }

    private function inValue(mixed $value, ParameterType $type): bool
    {
        return match (true) {
            $type instanceof PersonReference => $value === $this->personId,
            $type instanceof ListOf => array_filter(
                (array) $value,
                fn(mixed $one): bool => $this->inValue($one, $type->of),
            ) !== [],
            $type instanceof PartOf => $value instanceof Part && $this->inPart($value),
            $type instanceof PeopleOrTeam => $value instanceof PeopleGroup &&
                in_array($this->personId, $value->people, true),
            $type instanceof Assignment => $value instanceof FieldValue &&
                $value->field->type === FieldType::Person &&
                $value->value === $this->personId,
            $type instanceof FieldChangeType => $value instanceof FieldChange &&
                $value->field->type === FieldType::Person &&
                in_array($this->personId, [$value->from, $value->to], true),
            default => false,
        };
    }

    private function inCriteria(Expression $expression): bool
    {
        if ($expression instanceof Group) {
            return array_filter($expression->parts, $this->inCriteria(...)) !== [];
        }

        return $expression instanceof Comparison &&
            $this->fields->compared($expression->path)?->type === FieldType::Person &&
            in_array($this->personId, (array) $expression->constant(), true);
    }
}
