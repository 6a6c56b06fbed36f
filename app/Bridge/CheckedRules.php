<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Casts\Document;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RuleFormat;

/**
 * Says what is wrong with the rules of a draft. Rules that were found right for
 * a state of the house are remembered by their text, so that saving a draft of
 * thousands of which one has changed reads that one.
 */
final readonly class CheckedRules
{
    private const MOST = 20_000;

    public function __construct(private Cache $cache) {}

    /**
     * @param list<mixed> $rules
     * @param int|null    $seconds that it may take; null: as long as it takes
     *
     * @return list<Fault> their pointers begin with /rules
     *
     * @throws DocumentError where it takes longer; what was found right by then is remembered
     */
    public function faults(array $rules, Snapshot $house, ?int $seconds = null): array
    {
        $end = $seconds === null ? PHP_INT_MAX : hrtime(true) + $seconds * 1_000_000_000;
        $key = Snapshot::SHAPE . ":right:{$house->name()}";
        $right = $this->cache->get($key);
        $right = is_array($right) && count($right) < self::MOST ? $right : [];
        $known = count($right);
        $format = new RuleFormat($house->ruleContext());
        $faults = new Faults();
        foreach ($rules as $index => $rule) {
            $hash = hash('xxh128', Document::encode($rule));
            if (isset($right[$hash])) {
                continue;
            }
            if (hrtime(true) > $end) {
                $late = DocumentError::at(
                    "/rules/{$index}",
                    'Reading the rules up to here has taken more than {most} seconds. Nothing is saved; try ' .
                        'again, or save fewer at a time.',
                    most: $seconds ?? 0,
                );
                break;
            }
            if ($faults->collect(static fn() => $format->read(Node::root($rule, "/rules/{$index}"))) !== null) {
                $right[$hash] = true;
            }
        }
        if (count($right) > $known) {
            $this->cache->put($key, $right, 3600);
        }

        return isset($late) ? throw $late : $faults->all();
    }
}
