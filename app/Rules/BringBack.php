<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Models\Rules\RulebookVersion;
use App\Words\Words;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;

/** Puts the rules of an earlier version in force again, as a new version. A draft stays as it is. */
final readonly class BringBack
{
    public function __construct(private Publishing $publishing, private Words $words) {}

    /** @throws DocumentError where a rule is no longer right for the house */
    public function __invoke(RulebookVersion $earlier, Actor $by): RulebookVersion
    {
        return DB::transaction(function () use ($earlier, $by): RulebookVersion {
            $locked = LockedDraft::take();
            $again = new RulebookVersion(['rules' => $earlier->rules]);
            $note = $this->words->say('rulebook.again', ['number' => (int) $earlier->number]);
            $this->publishing->publish($again, $note, $by);
            $locked->moveOn();

            return $again;
        }, attempts: 3);
    }
}
