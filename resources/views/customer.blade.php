<!doctype html>
@php($words = app(App\Words\Words::class))
@php($date = 'yMMMMdHHmm')
<html lang="{{ $words->locale->tag }}" dir="{{ $words->locale->direction() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="robots" content="noindex">
        <meta name="referrer" content="no-referrer">
        <title>{{ $task === null ? $words->say('request_page.not_here') : "№ {$task->number}" }} · {{ $house }}</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <style nonce="{{ Vite::cspNonce() }}">
            body { margin: 0; background: #efe9dd; color: #2b2118; font: 17px/1.5 Georgia, 'DejaVu Serif', serif; }
            main { max-width: 640px; margin: 32px auto; padding: 32px 40px; background: #fffdf8; border: 1px solid #cbbfa8; }
            h1 { margin: 0 0 4px; font-size: 28px; font-weight: normal; overflow-wrap: anywhere; }
            h2 { margin: 32px 0 8px; font-size: 19px; }
            .lead, time { color: #5e5040; }
            .status { margin: 24px 0; padding: 12px 16px; border-left: 4px solid #6a3b1f; background: #f6efe2; font-size: 19px; }
            label { display: block; margin-top: 16px; font-weight: bold; font-size: 15px; }
            .hint { font-weight: normal; color: #5e5040; }
            textarea, input { box-sizing: border-box; width: 100%; margin-top: 4px; padding: 8px 10px; border: 1px solid #8a7a62; background: #fff; color: inherit; font: inherit; font-weight: normal; }
            textarea { min-height: 112px; }
            button { margin-top: 24px; padding: 10px 24px; border: 0; background: #6a3b1f; color: #fff; font: inherit; cursor: pointer; }
            :focus-visible { outline: 3px solid #1f5f8b; outline-offset: 2px; }
            .wrong { display: block; margin-top: 4px; color: #9a2d12; font-weight: normal; }
            .taken { padding: 12px 16px; border-left: 4px solid #3c6b3f; background: #eef3ea; }
            ul { margin: 0; padding: 0; list-style: none; }
            li { padding: 8px 0; border-top: 1px solid #e0d6c3; overflow-wrap: anywhere; }
            li p { margin: 0; white-space: pre-wrap; }
            time { font-size: 14px; }
        </style>
    </head>
    <body>
        <main>
            @if ($task === null)
                <h1>{{ $words->say('request_page.gone') }}</h1>
                <p class="lead">{{ $words->say('request_page.gone_why', ['house' => $house]) }}</p>
            @else
                <h1>{{ $task->title }}</h1>
                <p class="lead">{{ $words->say('request_page.asked', [
                    'house' => $house,
                    'number' => (string) $task->number,
                    'date' => $words->date($date, $task->arrived_at->getTimestamp(), $zone),
                ]) }}</p>
                <p class="status">{{ $status }}</p>
                @if (session('sent'))
                    <p class="taken" role="status">{{ $words->say('request_page.thanks') }}</p>
                @endif
                <form method="post" action="/requests/{{ $secret }}" enctype="multipart/form-data">
                    @csrf
                    <label>{{ $words->say('request_page.write') }}
                        <textarea name="body" maxlength="{{ \OpenBaton\Core\Document\TextLimits::PROSE }}">{{ old('body') }}</textarea>
                        @error('body') <span class="wrong" role="alert">{{ $message }}</span> @enderror
                    </label>
                    <label>{{ $words->say('request_page.file') }} <span class="hint">{{ $words->say('request_page.file_hint') }}</span>
                        <input type="file" name="file">
                        @error('file') <span class="wrong" role="alert">{{ $message }}</span> @enderror
                    </label>
                    <button type="submit">{{ $words->say('request_page.send') }}</button>
                </form>
                @if ($said->isNotEmpty() || $files->isNotEmpty())
                    <h2>{{ $words->say('request_page.sent') }}</h2>
                    <ul>
                        @foreach ($said as $one)
                            <li><p>{{ $one->body }}</p> <time datetime="{{ $one->at->toIso8601ZuluString() }}">{{ $words->date($date, $one->at->getTimestamp(), $zone) }}</time></li>
                        @endforeach
                        @foreach ($files as $one)
                            <li>{{ $one->name }} <time datetime="{{ $one->at->toIso8601ZuluString() }}">{{ $words->date($date, $one->at->getTimestamp(), $zone) }}</time></li>
                        @endforeach
                    </ul>
                @endif
            @endif
        </main>
    </body>
</html>
