<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Rules\RulebookVersion;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Document\RuleFormat;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\KindRegistry;
use OpenBaton\Core\Rulebook\Rule;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\RuleContext;
use OpenBaton\Core\Timer\RuleTimers;

/**
 * Rulebook versions of the tables as rulebooks of the core. A version that was
 * published never changes and is read against its own fields, so that what is
 * kept of it is never wrong and what becomes of the house can't break it.
 */
final class RulebookReader
{
    /** Versions that are kept compiled: the published one, and those that made the decisions on a page. */
    private const MOST = 6;

    /** @var array<string, array{CompiledRulebook, RuleTimers}> by id of the version, the last used last */
    private array $compiled = [];

    public function __construct(private readonly Cache $cache) {}

    /** @param string|null $versionId of one that was published; null: a rulebook without rules */
    public function compiled(?string $versionId): CompiledRulebook
    {
        return $this->of($versionId)[0];
    }

    /** What the clock brings about by the rules of a version. */
    public function timers(?string $versionId): RuleTimers
    {
        return $this->of($versionId)[1];
    }

    /** @return array{CompiledRulebook, RuleTimers} */
    private function of(?string $versionId): array
    {
        $known = $this->compiled[(string) $versionId] ?? null;
        if ($known === null) {
            $kept =
                $versionId === null
                    ? new KeptRulebook('none', new Rulebook(new FieldCatalogue([]), []), RuleTimers::none())
                    : $this->parsed($versionId);
            $known = [CompiledRulebook::compile($kept->rulebook, $kept->number), $kept->timers];
        }
        unset($this->compiled[(string) $versionId]);
        $this->compiled = array_slice($this->compiled, 1 - self::MOST, null, true) + [(string) $versionId => $known];

        return $known;
    }

    /** Kept in the cache: reading rules from their document takes longer than deciding. */
    private function parsed(string $versionId): KeptRulebook
    {
        $key = Snapshot::SHAPE . ":rulebook:{$versionId}";
        $known = $this->cache->get($key);
        if ($known instanceof KeptRulebook) {
            return $known;
        }
        $version = RulebookVersion::query()->findOrFail($versionId);
        $rulebook = $this->read($version);
        $kept = new KeptRulebook(
            (string) $version->number,
            $rulebook,
            RuleTimers::of($rulebook, $version->timersSince()),
        );
        $this->cache->put($key, $kept, 3600);

        return $kept;
    }

    /**
     * @param Roster|null $roster null: whom and what the rules name is not checked
     *
     * @throws DocumentError
     */
    public function read(RulebookVersion $version, ?Roster $roster = null, string $pointer = ''): Rulebook
    {
        $fields = RulebookFormat::catalogue(Node::root($version->fields ?? [], "{$pointer}/fields"));

        return RulebookFormat::rules(
            Node::root($version->rules, "{$pointer}/rules"),
            new RuleContext(KindRegistry::standard(), $fields, $roster),
        );
    }

    /**
     * Reads rules and checks them against the house.
     *
     * @throws DocumentError with all faults
     */
    public function check(mixed $rules, Snapshot $house): Rulebook
    {
        return RulebookFormat::rules(Node::root($rules, '/rules'), $house->ruleContext());
    }

    /**
     * The rules of a draft that are right: unfinished ones never act, in no preview either.
     *
     * @param list<mixed> $rules
     */
    public function compileDraft(array $rules, Snapshot $house): CompiledRulebook
    {
        $format = new RuleFormat($house->ruleContext());
        $faults = new Faults();
        $right = [];
        foreach ($rules as $rule) {
            $right[] = $faults->collect(static fn(): Rule => $format->read(Node::root($rule)));
        }

        return CompiledRulebook::compile(new Rulebook($house->catalogue, array_values(array_filter($right))), 'draft');
    }
}
