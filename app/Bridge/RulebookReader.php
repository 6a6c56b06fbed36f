<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\RulebookVersion;
use App\Models\VersionState;
use Illuminate\Contracts\Cache\Repository as Cache;
use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Rulebook\RulebookCheck;

/** Rulebook versions of the tables as rulebooks of the core; the compiled one is kept while version and house are the same. */
final class RulebookReader
{
    private ?CompiledRulebook $compiled = null;

    private string $compiledFrom = '';

    public function __construct(private readonly Cache $cache) {}

    public function published(): ?RulebookVersion
    {
        return RulebookVersion::query()->where('state', VersionState::Published)->first();
    }

    /** The rules that decide in this turn. */
    public function inForce(Turn $turn, Snapshot $snapshot): CompiledRulebook
    {
        return $this->compile($turn->versionId, $snapshot);
    }

    /** The rules of a version that was published: these never change. */
    public function ofVersion(?RulebookVersion $version, Snapshot $snapshot): CompiledRulebook
    {
        return $this->compile($version?->id, $snapshot);
    }

    private function compile(?string $versionId, Snapshot $snapshot): CompiledRulebook
    {
        $from = Snapshot::SHAPE.":rulebook:{$versionId}:{$snapshot->name()}";
        if ($this->compiled === null || $this->compiledFrom !== $from) {
            $rules = $versionId === null ? new VersionRules('none', []) : $this->parsed($from, $versionId, $snapshot);
            $this->compiled = CompiledRulebook::compile(new Rulebook($snapshot->catalogue, $rules->rules), $rules->number);
            $this->compiledFrom = $from;
        }

        return $this->compiled;
    }

    /** Kept in the cache: reading rules from their document takes longer than deciding. */
    private function parsed(string $key, string $versionId, Snapshot $snapshot): VersionRules
    {
        $known = $this->cache->get($key);
        if ($known instanceof VersionRules) {
            return $known;
        }
        $version = RulebookVersion::query()->findOrFail($versionId);
        $parsed = new VersionRules((string) $version->number, RulebookFormat::rules(Node::root($version->rules, '/rules'), $snapshot->catalogue)->rules);
        $this->cache->put($key, $parsed, 3600);

        return $parsed;
    }

    /**
     * Reads rules and checks them against the house.
     *
     * @param string $pointer where the rules stand in their document
     *
     * @throws DocumentError with all faults
     */
    public function check(mixed $rules, Snapshot $snapshot, string $pointer = ''): Rulebook
    {
        $rulebook = RulebookFormat::rules(Node::root($rules, "{$pointer}/rules"), $snapshot->catalogue);
        $faults = (new RulebookCheck($snapshot->roster))->faults($rulebook, $pointer);

        return $faults === [] ? $rulebook : throw new DocumentError($faults);
    }

    /**
     * The rules of a draft that are right, and what is wrong with the others.
     *
     * @param list<mixed> $rules
     *
     * @return array{CompiledRulebook, list<Fault>} the faults' pointers begin with /rules
     */
    public function compileDraft(array $rules, Snapshot $snapshot): array
    {
        $good = [];
        $faults = [];
        $check = new RulebookCheck($snapshot->roster);
        foreach ($rules as $index => $rule) {
            try {
                $read = RulebookFormat::rule(Node::root($rule, "/rules/{$index}"), $snapshot->catalogue);
                $found = $check->faults(new Rulebook($snapshot->catalogue, [$read]));
                $good[] = $found === [] ? $read : null;
                foreach ($found as $fault) {
                    $faults[] = new Fault((string) preg_replace('#^/rules/0#', "/rules/{$index}", $fault->pointer), $fault->reason);
                }
            } catch (DocumentError $error) {
                $faults = [...$faults, ...$error->faults];
            }
        }

        return [CompiledRulebook::compile(new Rulebook($snapshot->catalogue, array_values(array_filter($good))), 'draft'), $faults];
    }
}
