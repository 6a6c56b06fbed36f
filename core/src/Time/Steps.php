<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use OpenBaton\Core\Refusal;

/** How many steps may still be taken. */
final class Steps
{
    /** @param self|null $inAll those of a larger whole, of which each is one as well */
    public function __construct(private int $left, private readonly ?self $inAll = null) {}

    public function areLeft(): bool
    {
        return $this->left >= 0;
    }

    /** @throws Refusal where there are none left */
    public function take(): void
    {
        $this->inAll?->take();
        if (--$this->left < 0) {
            throw new Refusal('It does not come, or so seldom that it can\'t be worked out.');
        }
    }
}
