<?php

declare(strict_types=1);

namespace App\Explain;

use App\Bridge\Snapshot;
use App\Bridge\TextWords;
use App\Words\Words;
use OpenBaton\Core\Text\ValueWords;

/** In the words and the zone of the house. */
final readonly class TextWordsOfHouse implements TextWords
{
    public function __construct(private Words $words) {}

    public function of(Snapshot $house): ValueWords
    {
        return new MergedWords(new HouseWords($this->words, $house, $house->roster->house->zone()), $house);
    }
}
