{{-- Leans on nothing that may be what has failed: no database, no session, no build. --}}
<!doctype html>
@php($words = app(App\Words\Words::class))
<html lang="{{ $words->locale->tag }}" dir="{{ $words->locale->direction() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        @if ($again?->byItself)
            <meta http-equiv="refresh" content="{{ \App\Http\Outage::AGAIN_AFTER }}">
        @endif
        <title>{{ $title }} · Open Baton</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <style nonce="{{ Vite::cspNonce() }}">
            :root { color-scheme: light dark; --chalk: #f5f6f2; --ink: #17211e; --ink2: #51605a; --pine: #17564a; }
            @media (prefers-color-scheme: dark) { :root { --chalk: #121816; --ink: #e8ece6; --ink2: #a9b6af; --pine: #7fc7b3; } }
            body { margin: 0; background: var(--chalk); color: var(--ink); font: 16px/1.5 system-ui, sans-serif; }
            main { max-width: 34rem; margin: 16vh auto 0; padding: 0 24px; border-left: 4px solid var(--pine); }
            h1 { margin: 0 0 8px; font-size: 24px; line-height: 1.25; }
            p { margin: 0 0 12px; }
            .number { color: var(--ink2); font-size: 14px; }
            a { display: inline-block; padding: 6px 0; color: var(--pine); font-weight: 600; }
            button { padding: 6px 16px; border: 1px solid var(--pine); border-radius: 4px; background: var(--pine); color: var(--chalk); font: inherit; }
            a:focus-visible, button:focus-visible { outline: 2px solid var(--pine); outline-offset: 2px; }
        </style>
    </head>
    <body>
        <main>
            <h1>{{ $title }}</h1>
            <p>{{ $detail }}</p>
            @if ($again?->byItself)
                <p>{{ $words->say('problem_page.again') }}</p>
            @elseif ($again !== null)
                <p>{{ $words->say('problem_page.kept') }}</p>
                <form method="post" action="{{ $again->address }}">
                    @foreach ($again->typed as $name => $value)
                        <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                    @endforeach
                    <button>{{ $words->say('problem_page.send') }}</button>
                </form>
            @endif
            <p><a href="/">{{ $words->say('problem_page.home') }}</a></p>
            <p class="number">{{ $words->say('problem_page.answer', ['status' => (string) $status]) }}</p>
        </main>
    </body>
</html>
