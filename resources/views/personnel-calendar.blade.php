<!doctype html>
@php($words = app(App\Words\Words::class))
<html lang="{{ $words->locale->tag }}" dir="{{ $words->locale->direction() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title>{{ $words->say('personnel_page.title') }}</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <style nonce="{{ Vite::cspNonce() }}">
            body { margin: 0; background: #efe9dd; color: #2b2118; font: 16px/1.5 Georgia, 'DejaVu Serif', serif; }
            .stand-in { background: #2b2118; color: #f6f0e4; padding: 8px 16px; font: 14px/1.4 system-ui, sans-serif; text-align: center; }
            .stand-in a { color: inherit; }
            main { max-width: 760px; margin: 32px auto; padding: 24px 32px; background: #fffdf8; border: 1px solid #cbbfa8; }
            h1 { margin: 0 0 16px; font-size: 28px; font-weight: normal; }
            table { width: 100%; border-collapse: collapse; }
            th, td { padding: 6px 8px; border-top: 1px solid #cbbfa8; text-align: left; }
            form { display: inline-flex; flex-wrap: wrap; gap: 8px; align-items: end; }
            label { font-size: 14px; }
            input, select { display: block; padding: 6px 8px; border: 1px solid #8a7a62; background: #fff; color: inherit; font: inherit; }
            button { padding: 6px 14px; border: 0; background: #6a3b1f; color: #fff; font: inherit; cursor: pointer; }
            :focus-visible { outline: 3px solid #1f5f8b; outline-offset: 2px; }
            caption { caption-side: bottom; }
            .off { text-decoration: line-through; color: #5e5040; }
            .wrong { color: #9a2d12; }
        </style>
    </head>
    <body>
        <header class="stand-in">{{ $words->say('personnel_page.stand_in') }} <a href="/absences/calendars">{{ $words->say('personnel_page.back') }}</a></header>
        <main>
            <h1>{{ $words->say('personnel_page.heading') }}</h1>
            @if ($errors->any())
                <p class="wrong" role="alert">{{ $errors->first() }}</p>
            @endif
            <form method="post" action="/stand-ins/personnel">
                @csrf
                <label>{{ $words->say('personnel_page.who') }}
                    <select name="name">
                        @foreach ($people as $name)
                            <option>{{ $name }}</option>
                        @endforeach
                    </select>
                </label>
                <label>{{ $words->say('personnel_page.first_day') }} <input type="date" name="first_day" required></label>
                <label>{{ $words->say('personnel_page.last_day') }} <input type="date" name="last_day" required></label>
                <button>{{ $words->say('personnel_page.enter') }}</button>
            </form>
            <table>
                <caption class="stand-in">{{ $words->say('personnel_page.keeps') }}</caption>
                @forelse ($events as $event)
                    <tr>
                        <td class="{{ $event->cancelled ? 'off' : '' }}">{{ $event->name }}</td>
                        <td>
                            <form method="post" action="/stand-ins/personnel">
                                @csrf
                                <input type="hidden" name="event" value="{{ $event->id }}">
                                <input type="date" name="first_day" aria-label="{{ $words->say('personnel_page.first_day') }}" value="{{ $event->first_day->format('Y-m-d') }}">
                                <input type="date" name="last_day" aria-label="{{ $words->say('personnel_page.last_day') }}" value="{{ $event->last_day->format('Y-m-d') }}">
                                <button>{{ $words->say('personnel_page.move') }}</button>
                            </form>
                        </td>
                        <td>
                            @unless ($event->cancelled)
                                <form method="post" action="/stand-ins/personnel/{{ $event->id }}/cancel">
                                    @csrf
                                    <button>{{ $words->say('personnel_page.call_off') }}</button>
                                </form>
                            @endunless
                        </td>
                    </tr>
                @empty
                    <tr><td>{{ $words->say('personnel_page.nobody') }}</td></tr>
                @endforelse
            </table>
        </main>
    </body>
</html>
