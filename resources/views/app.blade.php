<!doctype html>
<html lang="en">
    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title inertia>Open Baton</title>
        <link rel="icon" href="/mark.svg" type="image/svg+xml">
        <script>
            (() => {
                const chosen = localStorage.getItem('scheme');
                const dark = chosen === 'dark' || (chosen !== 'light' && matchMedia('(prefers-color-scheme: dark)').matches);
                document.documentElement.dataset.scheme = dark ? 'dark' : 'light';
            })();
        </script>
        @viteReactRefresh
        @vite(['resources/css/app.css', 'resources/js/app.tsx'])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
