<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Flow\ApprovalOutcome;
use OpenBaton\Core\Flow\Run\BlockState;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunAct;
use OpenBaton\Core\Flow\Run\RunActKind;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\StepEnd;
use OpenBaton\Core\Flow\Run\StepState;
use OpenBaton\Core\Time\WorkCalendar;

/** A run that goes on by what a test says, with what was done about its steps. */
final class RunStory
{
    public Run $run;

    /** @var list<string> "+key" for what opens, "-key" for what is withdrawn; from the second round on "key#2" */
    public array $acts = [];

    private readonly RunEngine $engine;

    /** @var array<string, bool> fields of the house that are on */
    private array $on = [];

    public function __construct(
        private readonly Runsheet $sheet,
        private string $now = '2026-12-01 10:00',
        string ...$on,
    ) {
        $this->engine = new RunEngine($sheet);
        $this->turn(...array_fill_keys($on, true));
        $this->take($this->engine->begin($this->moment()));
    }

    public function turn(bool ...$fields): self
    {
        foreach ($fields as $name => $on) {
            $this->on["house.{$name}"] = $on;
        }

        return $this;
    }

    public function done(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->end($key, StepEnd::Done);
        }

        return $this;
    }

    public function end(string $key, StepEnd $end, ?int $round = null): self
    {
        return $this->take(
            $this->engine->end($this->run, $key, $round ?? $this->run->of($key)->round, $end, $this->moment()),
        );
    }

    public function answer(string $key, ApprovalOutcome $outcome): self
    {
        return $this->take(
            $this->engine->answer($this->run, $key, $this->run->of($key)->round, $outcome, $this->moment()),
        );
    }

    public function look(?string $now = null): self
    {
        $this->now = $now ?? $this->now;

        return $this->take($this->engine->look($this->run, $this->moment()));
    }

    public function again(string $key): self
    {
        return $this->take($this->engine->again($this->run, $key, $this->moment()));
    }

    public function without(string $key): self
    {
        return $this->take($this->engine->without($this->run, $key, $this->moment()));
    }

    public function back(string $key): self
    {
        return $this->take($this->engine->back($this->run, $key, $this->moment()));
    }

    public function cancel(): self
    {
        return $this->take($this->engine->cancel($this->run, $this->moment()));
    }

    public function moment(): RunMoment
    {
        return new RunMoment(
            Build::at($this->now),
            new Facts($this->on, Build::calendar()->zone()->dateAt(Build::at($this->now))),
            self::house(),
        );
    }

    public static function house(): WorkCalendar
    {
        return Build::calendar();
    }

    /** @return string the steps in their order, such as "a done, b open#2, c -" */
    public function steps(): string
    {
        return self::said($this->sheet, $this->run);
    }

    public static function said(Runsheet $sheet, Run $run): string
    {
        $said = [];
        foreach (array_keys($sheet->steps()) as $key) {
            $said[] = $key . ' ' . self::state($run->of($key));
        }

        return implode(', ', $said);
    }

    private static function state(BlockState $state): string
    {
        return ($state->state === StepState::NotReached ? '-' : $state->state->value) .
            ($state->round > 1 ? "#{$state->round}" : '');
    }

    private function take(RunAdvance $advance): self
    {
        $this->run = $advance->run;
        foreach ($advance->acts as $act) {
            $this->acts[] = self::act($act);
        }

        return $this;
    }

    private static function act(RunAct $act): string
    {
        return ($act->kind === RunActKind::Open ? '+' : '-') . $act->key . ($act->round > 1 ? "#{$act->round}" : '');
    }

    /** @return list<string> keys of the steps that are open */
    public function open(): array
    {
        return array_values(
            array_filter(
                $this->run->in(StepState::Open),
                fn(string $key): bool => $this->sheet->blocks[$key] instanceof Step,
            ),
        );
    }
}
