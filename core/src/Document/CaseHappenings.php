<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use Closure;
use OpenBaton\Core\Criteria\Lookups;
use OpenBaton\Core\Flow\CaseMoves;
use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Flow\Moved;
use OpenBaton\Core\Flow\OpenWork;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Rulebook\TaskCatalogue;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Happened;
use OpenBaton\Core\World\Arrives;
use OpenBaton\Core\World\Changes;
use OpenBaton\Core\World\Happening;
use OpenBaton\Core\World\MovesCase;
use OpenBaton\Core\World\WorldState;

/** Reads what happens to cases in a world. */
final class CaseHappenings
{
    private const OPENS = 'case_opens';
    private const CHANGES = 'case_changes';
    private const MOVES = 'case_moves';
    private const CLOSES = 'case_closes';
    private const REOPENS = 'case_reopens';
    public const KINDS = [self::OPENS, self::CHANGES, self::MOVES, self::CLOSES, self::REOPENS];

    private readonly CaseFormat $format;

    /** @param array<array-key, string> $cases ids of the tracks of those that are there by then, by id of the case */
    public function __construct(
        private readonly Roster $roster,
        private readonly Rulebook $rulebook,
        private readonly TaskCatalogue $catalogue,
        private array $cases,
    ) {
        $this->format = new CaseFormat($rulebook->fields, $roster, $catalogue->tracks);
    }

    public function has(string $id): bool
    {
        return isset($this->cases[$id]);
    }

    /** @throws DocumentError */
    public function read(string $kind, string $id, int $at, Node $node): ?Happening
    {
        return match ($kind) {
            self::OPENS => $this->opens($id, $at, $node),
            self::CHANGES => $this->changes($id, $at, $node),
            self::MOVES => $this->moves($id, $at, $node),
            self::CLOSES => $this->closes($id, $at, $node),
            self::REOPENS => $this->reopens($id, $at, $node),
            default => null,
        };
    }

    private function opens(string $id, int $at, Node $node): Arrives
    {
        $node->only(['id', 'kind', 'at', 'case']);
        $case = $this->format->read($node->get('case'), $at);
        if (isset($this->cases[$case->id])) {
            throw $node->get('case')->get('id')->fail('"{case_id}" is open already.', case_id: $case->id);
        }
        $this->cases[$case->id] = $case->trackId;

        return new Arrives(
            new ChangeSet(
                $id,
                $at,
                null,
                $case,
                (new ChangeFacts($this->roster, Lookups::ofRulebook($this->rulebook)))->of(null, $case, $at),
            ),
        );
    }

    /** @return Changes<CaseSubject> */
    private function changes(string $id, int $at, Node $node): Changes
    {
        $node->only(['id', 'kind', 'at', 'case', 'set']);
        $caseId = $this->case($node->get('case'));
        $set = $node->get('set');
        $set->only(['owner', 'tags_on', 'tags_off', 'facts', 'happened']);
        $context = new RuleContext(KindRegistry::standard(), $this->rulebook->fields, $this->roster);

        return new Changes(
            $id,
            $at,
            static fn(WorldState $state): array => [$state->caseNow($caseId)],
            $this->edit($set),
            happened: array_map(
                static fn(Node $one): Happened => HappenedFormat::read($one, $context),
                $set->itemsOf('happened'),
            ),
        );
    }

    /** @return Closure(CaseSubject): CaseSubject */
    private function edit(Node $set): Closure
    {
        $facts = $set->has('facts')
            ? TaskEditFormat::facts($set->get('facts'), $this->rulebook->fields, $this->roster)
            : [];
        foreach (array_keys($facts) as $path) {
            if (isset(CaseFields::TYPES[$path])) {
                throw $set->get('facts')->fail('"{path}" follows from the state of the case; set that.', path: $path);
            }
        }
        $edit = SubjectEdit::read($set, $this->roster);

        return static fn(CaseSubject $case): CaseSubject => $edit->on($case->withFields($facts));
    }

    private function moves(string $id, int $at, Node $node): MovesCase
    {
        $node->only(['id', 'kind', 'at', 'case', 'to', 'reason', 'may_pass']);
        $caseId = $this->case($node->get('case'));
        $to = $this->stage($node->get('to'), $caseId);
        [$reason, $mayPass] = self::passing($node);

        return new MovesCase(
            $id,
            $at,
            $caseId,
            static fn(CaseMoves $moves, CaseSubject $case, CaseView $view): Moved => $moves->move(
                $case->stays,
                $to,
                $view,
                $at,
                $reason,
                $mayPass,
            ),
        );
    }

    private function closes(string $id, int $at, Node $node): MovesCase
    {
        $node->only(['id', 'kind', 'at', 'case', 'outcome', 'open', 'reason', 'may_pass']);
        $outcome = $node->get('outcome')->line(TextLimits::LABEL);
        $caseId = $this->case($node->get('case'));
        $outcomes = $this->catalogue->tracks[$this->cases[$caseId] ?? '']->outcomes ?? [$outcome => ''];
        if (!isset($outcomes[$outcome])) {
            throw $node->get('outcome')->fail('There is no outcome "{outcome}".', outcome: $outcome);
        }
        [$reason, $mayPass] = self::passing($node);

        return new MovesCase(
            $id,
            $at,
            $caseId,
            static fn(CaseMoves $moves, CaseSubject $case, CaseView $view): Moved => $moves->close(
                $case->stays,
                $view,
                $at,
                false,
                $reason,
                $mayPass,
            ),
            $outcome,
            $node->find('open')?->case(OpenWork::class) ?? OpenWork::Drop,
        );
    }

    private function reopens(string $id, int $at, Node $node): MovesCase
    {
        $node->only(['id', 'kind', 'at', 'case', 'stage']);
        $caseId = $this->case($node->get('case'));
        $stage = $this->stage($node->get('stage'), $caseId);

        return new MovesCase(
            $id,
            $at,
            $caseId,
            static fn(CaseMoves $moves, CaseSubject $case): Moved => $moves->reopen($case->stays, $stage, $at),
        );
    }

    /** @return array{string|null, bool} why it passes what is missing, and whether it may */
    private static function passing(Node $node): array
    {
        return [$node->find('reason')?->prose(TextLimits::REASON), $node->find('may_pass')?->bool() ?? false];
    }

    private function stage(Node $node, string $caseId): string
    {
        $track = $this->catalogue->tracks[$this->cases[$caseId] ?? ''] ?? null;

        return $track === null ? $node->line(TextLimits::LABEL) : CaseFormat::stage($node, $track);
    }

    private function case(Node $node): string
    {
        $id = $node->line(TextLimits::ID);

        // What rules open is called after what opened it: whether it did is seen when it comes to that.
        return $this->has($id) || str_contains($id, '.') ? $id : throw $node->fail('There is no case "{id}".', id: $id);
    }
}
