<!doctype html>
<html>
    <body>
        <div dir="auto" style="white-space: pre-wrap; font-family: sans-serif">{{ $text }}</div>
    </body>
</html>
