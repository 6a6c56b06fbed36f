<?php

declare(strict_types=1);

namespace App\Cases;

use App\Access\Actor;
use App\Bridge\Houses;
use App\Bridge\RotationStore;
use App\Bridge\WorkReader;
use App\Database\Id;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/** Who would own a case if it were opened now, and why; nothing is changed, and no turn of a rotation is taken. */
final readonly class PreviewCase
{
    public function __construct(private Houses $houses, private OpenCase $open) {}

    /**
     * @return array<string, mixed> a decision
     *
     * @throws DocumentError with where it is wrong
     */
    public function __invoke(Node $document, Actor $by): array
    {
        $house = $this->houses->now();
        $router = $house->router();
        $at = CarbonImmutable::now()->getTimestamp();
        $case = $router->settled($this->open->read($document, $house, $at, $by, Id::next()));
        $change = new ChangeSet('would-open', $at, null, $case, $router->facts->of(null, $case, $at), Cause::Person);
        $needs = $router->needs($change);

        return DecisionFormat::write(
            $router->decide(
                $change,
                WorkReader::of($needs, $house->snapshot),
                RotationStore::read($needs->rotations, $house->snapshot),
            ),
        );
    }
}
