<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Pages\Rules\WhyPage;
use App\Http\Requests\Rules\WhyRequest;
use Inertia\Inertia;
use Inertia\Response;

/** Why a task is with somebody and not with another, and what rules would do with it now. */
final class WhyController
{
    public function __invoke(WhyRequest $request, WhyPage $page): Response
    {
        return Inertia::render(
            'Rulebook/Why',
            $page->props(
                $request->task(),
                $request->chosen('rule'),
                $request->chosen('person'),
                $request->chosen('made'),
            ),
        );
    }
}
