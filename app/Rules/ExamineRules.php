<?php

declare(strict_types=1);

namespace App\Rules;

use App\Bridge\RulebookReader;
use App\Bridge\Snapshot;
use App\Models\Casts\Document;
use App\Models\Rules\RulebookVersion;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\RecentWork;
use OpenBaton\Core\Check\StandardChecks;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Text\PlainWords;

/**
 * What checks find of the rules that are worked on: of the draft, and where there is none of those in force. Unfinished
 * rules are left out. It is kept for as long as rules, house and hour are the same.
 */
final readonly class ExamineRules
{
    public function __construct(private Cache $cache, private RulebookReader $rulebooks) {}

    /** The rules that are examined. */
    public function rulebook(?RulebookVersion $version, Snapshot $house): Rulebook
    {
        return match (true) {
            $version === null => new Rulebook($house->catalogue, []),
            $version->number === null => $this->rulebooks->compileDraft(array_values((array) $version->rules), $house)
                ->rulebook,
            default => $this->rulebooks->compiled($version->id)->rulebook,
        };
    }

    /**
     * @param Rulebook                    $rulebook of the version
     * @param string|null                 $recentId by which what is known of recent work is told from other such; null:
     *     nothing is
     * @param Closure(): (RecentWork|null) $recent
     *
     * @return list<SignedFinding>
     */
    public function __invoke(
        RulebookVersion $version,
        Rulebook $rulebook,
        Snapshot $house,
        ?string $recentId,
        Closure $recent,
    ): array {
        $hour = CarbonImmutable::now()->startOfHour();
        $of = hash(
            'xxh128',
            Document::encode($version->rules) . "{$hour->toAtomString()} {$version->number} {$recentId}",
        );
        $kept = $this->cache->remember(
            Snapshot::SHAPE . ":findings:{$house->name()}:{$of}",
            3600,
            static fn(): string => Document::encode(
                array_map(
                    static fn(Finding $one): array => $one->write(),
                    StandardChecks::run(
                        new Examination(
                            $rulebook,
                            $house->roster,
                            $house->taskCatalogue(new PlainWords($house->catalogue)),
                            $hour->getTimestamp(),
                            $recent(),
                        ),
                    ),
                ),
            ),
        );

        $rules = array_column($rulebook->rules, null, 'id');
        $format = new RuleFormat($house->ruleContext());

        return array_map(static function (Node $node) use ($rules, $format): SignedFinding {
            $finding = Finding::read($node);

            return new SignedFinding($finding, self::signature($finding, $rules, $format));
        }, Node::parse((string) $kept)->items());
    }

    /** @param array<string, Rule> $rules by id */
    private static function signature(Finding $finding, array $rules, RuleFormat $format): string
    {
        $texts = [];
        foreach ($finding->rule === null ? $finding->others : [$finding->rule, ...$finding->others] as $id) {
            $texts[] = isset($rules[$id]) ? $format->write($rules[$id]) : null;
        }

        return hash('xxh128', Document::encode([$finding->withoutFigures()->write(), $texts]));
    }
}
