<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\House\SaveLevels;
use App\House\SaveTiers;
use App\House\SaveWebForm;
use App\Http\Requests\House\CodedLabelsRequest;
use App\Http\Requests\House\WebFormSetUpRequest;
use App\Http\Viewer;
use Illuminate\Http\RedirectResponse;

/** What the house calls its levels of places and sorts of customers, and what its web form offers. */
final class HouseListsController
{
    public function levels(CodedLabelsRequest $request, Viewer $viewer, SaveLevels $save): RedirectResponse
    {
        $save($request->labels(), $request->answering(), $viewer->actor());

        return back();
    }

    public function tiers(CodedLabelsRequest $request, Viewer $viewer, SaveTiers $save): RedirectResponse
    {
        $save($request->labels(), $viewer->actor());

        return back();
    }

    public function form(WebFormSetUpRequest $request, Viewer $viewer, SaveWebForm $save): RedirectResponse
    {
        $save(
            $request->words('kinds'),
            $request->words('fields'),
            $request->customers(),
            $request->lead(),
            $viewer->actor(),
        );

        return back();
    }
}
