<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Rulebook\Input;

/**
 * The highest score; then whoever was given nothing for longest; then the order of the pool.
 *
 * The score is the sum of four parts, each 0 to 100, times the weights of the
 * rule: the level of a skill (100 is the highest), how little they have to do
 * (100 less the load in percent, counting the new task), whether they know the
 * customer (they look after them, or have done work for them), and how long they
 * have been given nothing (100 after a week, or where they never were).
 */
final readonly class BestMatch implements Method
{
    public const MOST_WEIGHT = 10;

    private const IDLE_FOR = 7 * 86_400;

    public function __construct(
        public string $skill,
        public int $skillWeight = 3,
        public int $loadWeight = 2,
        public int $customerWeight = 1,
        public int $idleWeight = 1,
    ) {
        if ($skillWeight + $loadWeight + $customerWeight + $idleWeight === 0) {
            throw new Refusal('Give at least one of the weights a number above 0.');
        }
    }

    public static function kind(): string
    {
        return 'best_match';
    }

    public static function parameters(): array
    {
        $weight = new WholeNumber(0, self::MOST_WEIGHT);

        return [
            Parameter::required('skill', new SkillReference()),
            Parameter::optional('skill_weight', $weight, 3),
            Parameter::optional('load_weight', $weight, 2),
            Parameter::optional('customer_weight', $weight, 1),
            Parameter::optional('idle_weight', $weight, 1),
        ];
    }

    public static function inputs(): array
    {
        return [Input::Work, Input::LastAssigned, Input::Customer];
    }

    public function choose(Selection $selection): Choice
    {
        $figures = $ranks = [];
        foreach ($selection->eligible as $place => $member) {
            $id = $member->personId;
            $parts = $this->parts($selection, $member);
            $score =
                $parts['skill'] * $this->skillWeight +
                $parts['load'] * $this->loadWeight +
                $parts['customer'] * $this->customerWeight +
                $parts['idle'] * $this->idleWeight;
            $figures[$id] = ['score' => $score] + $parts;
            $ranks[] = [-$score, $selection->load->of($id)->lastAssignedAt ?? PHP_INT_MIN, $place, $id];
        }

        return new Choice(min($ranks)[3], $figures);
    }

    /** @return array{skill: int, load: int, customer: int, idle: int} */
    private function parts(Selection $selection, Membership $member): array
    {
        $load = $selection->load;
        $since = $load->of($member->personId)->lastAssignedAt;

        return [
            'skill' => intdiv(100 * $selection->level($member, $this->skill), Person::HIGHEST_LEVEL),
            'load' => 100 - min(100, $load->ratioWith($member->personId)->percent() ?? 100),
            'customer' => $load->knowsCustomer($member->personId) ? 100 : 0,
            'idle' => $since === null ? 100 : min(100, intdiv(100 * max(0, $load->at - $since), self::IDLE_FOR)),
        ];
    }
}
