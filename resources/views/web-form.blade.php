<!doctype html>
@php($words = app(App\Words\Words::class))
<html lang="{{ $words->locale->tag }}" dir="{{ $words->locale->direction() }}">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title>{{ $words->say('web_form.title', ['house' => $house]) }}</title>
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
            @foreach ($without as $kind => $paths)
                @foreach ($paths as $path)
                    form:has(option[value="{{ $kind }}"]:checked) [data-field="{{ $path }}"] { display: none; }
                @endforeach
            @endforeach
            .taken { margin: 0 0 24px; padding: 12px 16px; border-left: 4px solid #3c6b3f; background: #eef3ea; }
        </style>
    </head>
    <body>
        <header class="stand-in">{{ $words->say('web_form.stand_in') }}</header>
        <main>
            <h1>{{ $house }}</h1>
            <p class="lead">{{ $lead ?? $words->say('web_form.lead') }}</p>

            @if (session('number'))
                <p class="taken" role="status">{{ $words->say('web_form.taken', ['number' => (string) session('number')]) }}<br><a href="{{ session('address') }}">{{ $words->say('web_form.address') }}</a> · {{ $words->say('web_form.address_for') }}</p>
            @endif
            @if ($errors->any())
                <p class="wrong" role="alert">{{ $words->say('web_form.not_right') }}</p>
            @endif

            <form method="post" action="/stand-ins/web-form">
                @csrf
                <label>{{ $words->say('web_form.kind') }}
                    <select name="kind">
                        @foreach ($kinds as $value => $label)
                            <option value="{{ $value }}" @selected(old('kind') === $value)>{{ $label }}</option>
                        @endforeach
                    </select>
                    @error('kind') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <label>{{ $words->say('web_form.few_words') }}
                    <input name="title" value="{{ old('title') }}" maxlength="255" placeholder="{{ $words->say('web_form.example') }}" required>
                    @error('title') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <div class="pair">
                    @foreach ($fields as $field)
                        @php($name = \App\Http\Requests\Intake\WebFormRequest::inputName($field->path))
                        <label data-field="{{ $field->path }}">{{ $field->form_label }}@if ($field->type === 'money') <span class="hint">{{ $words->say('web_form.roughly', ['currency' => $currency]) }}</span>@endif
                            @if ($field->options)
                                <select name="{{ $name }}">
                                    <option value="">{{ $words->say('web_form.any') }}</option>
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
                @if ($asks === 'typed')
                <label>{{ $words->say('web_form.customer') }}
                    <input name="customer_name" value="{{ old('customer_name') }}" maxlength="200">
                    @error('customer_name') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                @elseif ($asks === 'offered')
                <label>{{ $words->say('web_form.customer') }}
                    <select name="customer">
                        <option value="">{{ $words->say('web_form.not_listed') }}</option>
                        @foreach ($customers as $value => $label)
                            <option value="{{ $value }}" @selected(old('customer') === $value)>{{ $label }}</option>
                        @endforeach
                    </select>
                    @error('customer') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                @endif
                <label>{{ $words->say('web_form.contact') }} <span class="hint">{{ $words->say('web_form.contact_hint') }}</span>
                    <input name="contact" value="{{ old('contact') }}" maxlength="255">
                    @error('contact') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <label>{{ $words->say('web_form.else') }}
                    <textarea name="description" maxlength="{{ \OpenBaton\Core\Document\TextLimits::PROSE }}">{{ old('description') }}</textarea>
                    @error('description') <span class="wrong">{{ $message }}</span> @enderror
                </label>
                <button type="submit">{{ $words->say('web_form.send') }}</button>
            </form>
        </main>
    </body>
</html>
