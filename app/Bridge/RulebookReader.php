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

    /** The draft, locked until the transaction ends. Called in one's turn. */
    public function lockDraft(): ?RulebookVersion
    {
        return RulebookVersion::query()->where('state', VersionState::Draft)->lockForUpdate()->first();
    }

    /** The rules that decide in this turn. */
    public function inForce(Turn $turn, Snapshot $snapshot): CompiledRulebook
    {
        return $this->compile($turn->versionId, $turn->versionRevision, $snapshot);
    }

    public function ofVersion(?RulebookVersion $version, Snapshot $snapshot): CompiledRulebook
    {
        return $this->compile($version?->id, $version->revision ?? 0, $snapshot);
    }

    private function compile(?string $versionId, int $revision, Snapshot $snapshot): CompiledRulebook
    {
        $from = "rulebook:{$versionId}:{$revision}:{$snapshot->revision}";
        if ($this->compiled === null || $this->compiledFrom !== $from) {
            [$number, $rulebook] = $versionId === null ? ['none', new Rulebook($snapshot->catalogue, [])] : $this->parsed($from, $versionId, $snapshot);
            $this->compiled = CompiledRulebook::compile($rulebook, $number);
            $this->compiledFrom = $from;
        }

        return $this->compiled;
    }

    /** @return array{string, Rulebook} number and rules, kept in the cache: reading them from their document takes longer than deciding */
    private function parsed(string $key, string $versionId, Snapshot $snapshot): array
    {
        $known = $this->cache->get($key);
        if (is_array($known) && isset($known[0], $known[1]) && is_string($known[0]) && $known[1] instanceof Rulebook) {
            return [$known[0], $known[1]];
        }
        $version = RulebookVersion::query()->findOrFail($versionId);
        $parsed = [(string) $version->number, RulebookFormat::rules(Node::root($version->rules, '/rules'), $snapshot->catalogue)];
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
