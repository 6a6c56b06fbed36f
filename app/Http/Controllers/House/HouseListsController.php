<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\House\SaveLevels;
use App\House\SaveTiers;
use App\House\SaveWebForm;
use App\Http\Requests\House\CodedLabelsRequest;
use App\Http\Requests\House\WebFormSetUpRequest;
use App\Http\Viewer;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;

/** What the house calls its levels of places and sorts of customers, and what its web form offers. */
final class HouseListsController
{
    public function levels(
        CodedLabelsRequest $request,
        Viewer $viewer,
        SaveLevels $save,
        Words $words,
    ): RedirectResponse {
        $save($request->labels(), $request->answering(), $viewer->actor());

        return back()->with('done', $words->say('label_list.saved'));
    }

    public function tiers(CodedLabelsRequest $request, Viewer $viewer, SaveTiers $save, Words $words): RedirectResponse
    {
        $save($request->labels(), $viewer->actor());

        return back()->with('done', $words->say('label_list.saved'));
    }

    public function form(
        WebFormSetUpRequest $request,
        Viewer $viewer,
        SaveWebForm $save,
        Words $words,
    ): RedirectResponse {
        $save(
            $request->words('kinds'),
            $request->words('fields'),
            $request->words('tracks'),
            $request->customers(),
            $request->lead(),
            $viewer->actor(),
        );

        return back()->with('done', $words->say('label_list.saved'));
    }
}
