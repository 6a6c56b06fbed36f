<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title>Ask us · {{ $house }}</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <style nonce="{{ Vite::cspNonce() }}">
            body { margin: 0; background: #efe9dd; color: #2b2118; font: 17px/1.5 Georgia, 'DejaVu Serif', serif; }
            .stand-in { background: #2b2118; color: #f6f0e4; padding: 8px 16px; font: 14px/1.4 system-ui, sans-serif; text-align: center; }
            main { max-width: 640px; margin: 32px auto; padding: 32px 40px; background: #fffdf8; border: 1px solid #cbbfa8; }
            h1 { margin: 0 0 4px; font-size: 30px; font-weight: normal; }
            .lead { margin: 0 0 24px; color: #5e5040; }
            label { display: block; margin-top: 16px; font-weight: bold; font-size: 15px; }
            .hint { font-weight: normal; color: #5e5040; }
            input, select, textarea { box-sizing: border-box; width: 100%; margin-top: 4px; padding: 8px 10px; border: 1px solid #8a7a62; background: #fff; color: inherit; font: inherit; font-weight: normal; }
            textarea { min-height: 96px; }
            .pair { display: grid; grid-template-columns: 1fr 1fr; gap: 0 16px; }
            button { margin-top: 24px; padding: 10px 24px; border: 0; background: #6a3b1f; color: #fff; font: inherit; cursor: pointer; }
            :focus-visible { outline: 3px solid #1f5f8b; outline-offset: 2px; }
            .wrong { display: block; margin-top: 4px; color: #9a2d12; font-weight: normal; }
            .taken { margin: 0 0 24px; padding: 12px 16px; border-left: 4px solid #3c6b3f; background: #eef3ea; }
        </style>
    </head>
    <body>
        <header class="stand-in">This is a stand-in for the website of the demo house. What you send goes through the same intake as every other system.</header>
        <main>
            <h1>{{ $house }}</h1>
            <p class="lead">Tell us what you need.</p>

            @if (session('number'))
                <p class="taken" role="status">Thank you. Your request has the number <strong>{{ session('number') }}</strong>; we will be in touch. <br>Under <a href="{{ session('address') }}">your own address</a> you see where it is, write to us and add files. Keep it: nobody else knows it.</p>
            @endif
            @if ($errors->any())
                <p class="wrong" role="alert">Something is missing or not right; see below. Nothing you wrote is lost.</p>
            @endif

            <form method="post" action="/stand-ins/web-form">
                @csrf
                <label>What do you need?
                    <select name="kind">
                        @foreach ($kinds as $value => $label)
                            <option value="{{ $value }}" @selected(old('kind') === $value)>{{ $label }}</option>
                        @endforeach
                    </select>
                    @error('kind') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <label>In a few words
                    <input name="title" value="{{ old('title') }}" maxlength="255" placeholder="Trumpet with a stuck valve" required>
                    @error('title') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <div class="pair">
                    @foreach ($fields as $field)
                        @php($name = \App\Http\Requests\Intake\WebFormRequest::inputName($field->path))
                        <label>{{ $field->form_label }}@if ($field->type === 'money') <span class="hint">({{ $currency }}, roughly)</span>@endif
                            @if ($field->options)
                                <select name="{{ $name }}">
                                    <option value="">Does not matter</option>
                                    @foreach ($field->options as $value => $label)
                                        <option value="{{ $value }}" @selected(old($name) === (string) $value)>{{ $label }}</option>
                                    @endforeach
                                </select>
                            @else
                                <input name="{{ $name }}" value="{{ old($name) }}" maxlength="200" @if ($field->type === 'date') type="date" @elseif ($field->type === 'yes_no') type="checkbox" @elseif (in_array($field->type, ['money', 'number'], true)) inputmode="decimal" @endif>
                            @endif
                            @error($name) <span class="wrong">{{ $message }}</span> @enderror
                        </label>
                    @endforeach
                </div>
                <label>You are
                    <select name="customer">
                        <option value="">Not on the list</option>
                        @foreach ($customers as $value => $label)
                            <option value="{{ $value }}" @selected(old('customer') === $value)>{{ $label }}</option>
                        @endforeach
                    </select>
                    @error('customer') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <label>How we reach you <span class="hint">(e-mail or telephone)</span>
                    <input name="contact" value="{{ old('contact') }}" maxlength="255">
                    @error('contact') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <label>Anything else
                    <textarea name="description" maxlength="{{ \OpenBaton\Core\Document\TextLimits::PROSE }}">{{ old('description') }}</textarea>
                    @error('description') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <button type="submit">Send the request</button>
            </form>
        </main>
    </body>
</html>
