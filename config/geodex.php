<?php

declare(strict_types=1);

$list = fn (string $name): array => array_values(array_filter(array_map(trim(...), explode(',', (string) env($name, '')))));

return [
    // Shown on screen and written into files; what was computed by another version is computed anew.
    'version' => '0.11.0',
    // Names that this server answers to, besides that of APP_URL and this machine's own.
    'hosts' => $list('GEODEX_HOSTS'),
    // Proxies whose word is taken for who asks and by what: addresses or ranges, “*” for whoever is in front.
    'proxies' => $list('GEODEX_PROXIES'),
    // Seconds that a browser keeps to https once it came by it; 0 for none.
    'hsts' => (int) env('GEODEX_HSTS', 0),
];
