<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="csp-nonce" content="{{ Vite::cspNonce() }}" />
        <title inertia>Geodex</title>
        <link rel="icon" href="data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 16 16'%3E%3Crect width='16' height='16' fill='%23182566'/%3E%3Cpath d='M3 12 13 4' stroke='%23f5c431' stroke-width='2'/%3E%3Ccircle cx='3' cy='12' r='2' fill='%23fff'/%3E%3Ccircle cx='13' cy='4' r='2' fill='%23fff'/%3E%3C/svg%3E" />
        @viteReactRefresh
        @vite(['resources/css/app.css', 'resources/js/app.tsx'])
        @inertiaHead
    </head>
    <body>
        @inertia
    </body>
</html>
