<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <title>{{ $title }} – Geodex</title>
        <style nonce="{{ Vite::cspNonce() }}">
            body { margin: 15vh auto; max-width: 34rem; padding: 0 1.5rem; font: 1.1rem/1.5 sans-serif; background: #f8f5ee; color: #1a1d2b; }
            a { color: inherit; }
        </style>
    </head>
    <body>
        <h1>{{ $title }}</h1>
        <p>{{ $message }}</p>
        <p><a href="">Try again</a></p>
    </body>
</html>
