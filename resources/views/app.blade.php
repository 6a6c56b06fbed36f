<!doctype html>
@php($locale = app(App\Words\Words::class)->locale)
<html
    lang="{{ $locale->tag }}"
    dir="{{ $locale->direction() }}"
    data-words="{{ $locale->words }}"
    data-formats="{{ $locale->formats }}"
>
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title inertia>Open Baton</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
        <script src="/scheme.js"></script>
        @viteReactRefresh
        @vite(['resources/css/app.css', 'resources/js/app.tsx'])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
