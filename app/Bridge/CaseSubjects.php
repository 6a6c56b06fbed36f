<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\FieldProviders;
use App\Models\Cases\CaseStay;
use App\Models\Cases\CustomerCase;
use App\Models\People\Person;
use App\Models\Tasks\TaskSource;
use Illuminate\Support\Collection;
use LogicException;
use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Document\GateFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Flow\MoveRefusal;
use OpenBaton\Core\Flow\RefusedMove;
use OpenBaton\Core\Flow\Stay;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Subject\CaseFields;
use OpenBaton\Core\Subject\CaseSubject;

/** Cases of the tables as subjects of the core. */
final readonly class CaseSubjects
{
    /** What a case has to come with. Of its stays the last is enough for what can happen to it. */
    public const RELATIONS = ['customer', 'lastStay', 'watchers', 'claimants'];

    public function __construct(private FieldProviders $fields, private CustomerSource $customers) {}

    /**
     * @param Collection<int, CustomerCase> $cases with RELATIONS
     *
     * @return list<CaseSubject>
     */
    public function all(Collection $cases, HouseAt $house): array
    {
        return array_values($cases->map(fn(CustomerCase $case): CaseSubject => $this->of($case, $house))->all());
    }

    /** @param CustomerCase $case with RELATIONS */
    public function of(CustomerCase $case, HouseAt $at): CaseSubject
    {
        $last = $case->lastStay ?? throw new LogicException('A case has stood somewhere.');

        return $this->standing($case, new Stays([self::stay($last)]), $at)->with([
            'watcherIds' => Person::slugs($case->watchers),
            'openTo' => $case->owner_id === null ? Person::slugs($case->claimants) : [],
        ]);
    }

    /**
     * What a task in it sees of it.
     *
     * @return array<string, string|int|float|bool|list<string>> by path
     */
    public function seen(CustomerCase $case, HouseAt $at): array
    {
        $stay = new Stay($case->stage, $case->stage_since->getTimestamp(), $case->closed_at?->getTimestamp());

        return CaseFields::ofCase(
            $this->standing($case, new Stays([$stay]), $at),
            $at->snapshot->roster->house->zone(),
        );
    }

    private function standing(CustomerCase $case, Stays $stays, HouseAt $at): CaseSubject
    {
        $house = $at->snapshot;
        $person = static fn(?string $id): ?string => $id === null ? null : $house->personSlugs[$id] ?? null;
        $customer = $case->customer === null ? null : $this->customers->named($case->customer->slug, $at);
        $context = $house->fieldContext();
        $fields = [CaseFields::TITLE => $case->title, CaseFields::NUMBER => (int) $case->number];
        $fields += ValueCodec::known((array) $case->facts, $house->catalogue);
        $ofCustomer = $customer === null ? [] : $this->fields->ofCustomer($customer, TaskSource::ByHand, $context);
        foreach ($ofCustomer as $path => $value) {
            if ($value !== null) {
                $fields[$path] = $value;
            }
        }

        return new CaseSubject(
            $case->id,
            $case->opened_at->getTimestamp(),
            $house->trackSlugs[$case->track_id] ?? '',
            $stays,
            $case->outcome,
            $person($case->owner_id),
            [],
            $case->tagList(),
            $fields,
            $case->comments_count,
            $case->files_count,
            [],
            $customer?->id,
            $person($case->creator_id),
            self::covering($case, $house),
            $person($case->previous_owner_id),
            $case->parent_id,
            $case->made_by_id,
            $case->made_by_rule,
            $case->open_needed,
            self::refused($case),
            $case->runs,
        );
    }

    public static function stay(CaseStay $row): Stay
    {
        return new Stay(
            $row->stage,
            $row->entered_at->getTimestamp(),
            $row->left_at?->getTimestamp(),
            $row->passed === null ? [] : GateFormat::readClosed(Node::root($row->passed)),
            $row->reason,
        );
    }

    private static function covering(CustomerCase $case, Snapshot $house): ?Covering
    {
        $kept = $case->covering === null ? null : Node::root($case->covering);
        $for = $kept === null ? null : $house->personSlugs[$kept->get('for')->text()] ?? null;

        return $kept === null || $for === null
            ? null
            : new Covering($for, $kept->get('absence')->text(), $kept->textsOf('via'));
    }

    private static function refused(CustomerCase $case): ?RefusedMove
    {
        $kept = $case->refused === null ? null : Node::root($case->refused);

        return $kept === null
            ? null
            : new RefusedMove(
                $kept->find('to')?->text(),
                $kept->get('why')->case(MoveRefusal::class),
                GateFormat::readClosed($kept->get('missing')),
            );
    }
}
