<?php

declare(strict_types=1);

namespace App\Notices;

use App\DomainEvents\About;
use App\Models\Events\NoticeKind;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\Channel;

/** What one person is told. */
final readonly class NewNotice
{
    private const MOST = 500;

    /**
     * @param string|null   $otherId  of the person whom it is about as well
     * @param string|null   $text     of the rule, the reminder or the alert
     * @param string|null   $chain    one for all that comes of one change: of that each is told one thing
     * @param string|null   $link     path to where it leads, if not to its task
     * @param list<Channel> $channels besides those by which they hear of its sort
     */
    public function __construct(
        public CarbonImmutable $at,
        public string $personId,
        public NoticeKind $kind,
        public About $about = new About(),
        public ?string $otherId = null,
        public ?string $text = null,
        public ?string $chain = null,
        public ?string $link = null,
        public array $channels = [],
    ) {}

    /** The same and what another rule says at once. */
    public function and(self $other): self
    {
        return new self(
            $this->at,
            $this->personId,
            $this->kind,
            $this->about,
            $this->otherId,
            "{$this->text} · {$other->text}",
            $this->chain,
            $this->link,
            $this->channels,
        );
    }

    /** @return array<string, mixed> what it says, as columns */
    public function said(): array
    {
        return [
            'kind' => $this->kind->value,
            'other_id' => $this->otherId,
            'text' => $this->text === null ? null : mb_substr($this->text, 0, self::MOST),
            'link' => $this->link,
            'channels' =>
                $this->channels === []
                    ? null
                    : json_encode(array_column($this->channels, 'value'), JSON_THROW_ON_ERROR),
            'at' => $this->at,
        ];
    }

    /** @return array<string, mixed> without its id */
    public function row(): array
    {
        return ['person_id' => $this->personId, 'chain' => $this->chain] + $this->about->columns() + $this->said();
    }
}
