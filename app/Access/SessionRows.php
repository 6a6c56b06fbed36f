<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Support\Arr;

/**
 * Sessions as rows, of which a request writes what it has changed. A page asks
 * for several things at once: one that only looks must not put back what the
 * session held before another, which ended meanwhile, said how it went.
 */
final class SessionRows extends DatabaseSessionHandler
{
    /** Seconds for which a session counts as just used, and from where, without saying so anew. */
    private const FRESH = 60;

    /** @var array<string, string> what the sessions that were read held, by id */
    private array $found = [];

    public function read($sessionId): string|false
    {
        $data = parent::read($sessionId);
        $this->found[$sessionId] = (string) $data;

        return $data;
    }

    public function write($sessionId, $data): bool
    {
        if ($data !== ($this->found[$sessionId] ?? null)) {
            return parent::write($sessionId, $data);
        }
        /** @var array<string, mixed> $used */
        $used = Arr::except($this->getDefaultPayload($data), 'payload');
        $this->getQuery()
            ->where('id', $sessionId)
            ->where('last_activity', '<=', $this->currentTime() - self::FRESH)
            ->update($used);

        return true;
    }
}
