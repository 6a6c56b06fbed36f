<?php

declare(strict_types=1);

namespace App\Http\Controllers\Alerts;

use App\Alerts\SetAlert;
use App\Http\Pages\Alerts\AlertsPage;
use App\Http\Requests\Alerts\AlertRequest;
use App\Http\Viewer;
use App\Models\Alerts\Alert;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Alert\AlertKind;
use OpenBaton\Core\Message\Channel;

/** To what leads are alerted. */
final class AlertController
{
    public function index(AlertsPage $page): Response
    {
        Gate::authorize('viewAny', Alert::class);

        return Inertia::render('Alerts/Alerts', $page->props());
    }

    public function update(AlertKind $alert, AlertRequest $request, Viewer $viewer, SetAlert $set): RedirectResponse
    {
        $set(
            $alert,
            $request->boolean('on'),
            $request->filled('threshold') ? $request->integer('threshold') : null,
            Channel::among((array) $request->input('channels', [])),
            $request->people(),
            $viewer->actor(),
        );

        return back();
    }
}
