<?php

declare(strict_types=1);

namespace App\Http\Pages\Rules;

use App\Coverage\RecentOfRun;
use App\Explain\FindingWords;
use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Models\Rules\FindingSetAside;
use App\Models\Rules\RulebookVersion;
use App\Rules\ExamineRules;
use App\Rules\SignedFinding;
use App\Words\Words;
use OpenBaton\Core\Check\RecentWork;

/** What checks find of the rules that are worked on, and what of it was set aside. Its type is FindingsView.ts. */
final readonly class FindingsView
{
    /** Rules by the thousand may have as many; what is certain comes first. */
    private const MOST = 200;

    public function __construct(private Viewer $viewer, private ExamineRules $examine, private Words $words) {}

    /** @return array{findings: list<array<string, mixed>>, more: int} */
    public function of(?RulebookVersion $version): array
    {
        $house = $this->viewer->snapshot();
        $rulebook = $this->examine->rulebook($version, $house);
        $run = $version === null ? null : RecentOfRun::whole($version);
        $recent = static fn(): ?RecentWork => $run === null ? null : RecentOfRun::of($run);
        $all = $version === null ? [] : ($this->examine)($version, $rulebook, $house, $run?->id, $recent);
        $order = ['certain' => 0, 'likely' => 1, 'note' => 2];
        usort(
            $all,
            static fn(SignedFinding $one, SignedFinding $other): int => $order[$one->finding->certainty->value] <=>
                $order[$other->finding->certainty->value],
        );
        $shown = array_slice($all, 0, self::MOST);
        $aside = FindingSetAside::query()
            ->with('user')
            ->whereIn('signature', array_column($shown, 'signature'))
            ->get()
            ->keyBy('signature');
        $words = new FindingWords($this->words, $rulebook, $house->roster, $house->catalogue);

        return [
            'findings' => array_map(
                static fn(SignedFinding $one): array => self::line($one, $words, $aside->get($one->signature)),
                $shown,
            ),
            'more' => count($all) - count($shown),
        ];
    }

    /** @return array<string, mixed> */
    private static function line(SignedFinding $one, FindingWords $words, ?FindingSetAside $aside): array
    {
        $finding = $one->finding;

        return [
            'signature' => $one->signature,
            'kind' => $finding->kind,
            'certainty' => $finding->certainty->value,
            'rule' => $finding->rule,
            'name' => $finding->rule === null ? null : $words->name($finding->rule),
            'others' => $finding->others,
            'pointers' => $finding->pointers,
            'say' => $words->say($finding),
            'do' => $words->remedy($finding),
            'press' =>
                $finding->remedy === null
                    ? null
                    : [
                        'kind' => $finding->remedy->kind->value,
                        'at' => $finding->remedy->at,
                        'label' => $words->press($finding),
                    ],
            'aside' =>
                $aside === null
                    ? null
                    : [
                        'reason' => $aside->reason,
                        'by' => $aside->user?->name,
                        'at' => Moment::orNull($aside->set_aside_at),
                    ],
        ];
    }
}
