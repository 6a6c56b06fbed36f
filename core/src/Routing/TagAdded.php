<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

final readonly class TagAdded implements Effect
{
    public function __construct(public string $tag) {}

    public function write(): array
    {
        return ['effect' => 'tag_added', 'tag' => $this->tag];
    }
}
