<!doctype html>
<html lang="en" data-theme="{{ $theme }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="description" content="Plans the camera set-up for moving subjects, with its reasons.">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Rush Hold</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/mark-192.png">
    <link rel="manifest" href="/rush-hold.webmanifest">
    <meta name="theme-color" content="#f3eee1">
    @vite(['resources/js/main.tsx'])
</head>
<body>
    <div id="root"></div>
    <noscript>Rush Hold needs JavaScript. Switch it on for this address and load the page again.</noscript>
    <script type="application/json" id="boot">{!! json_encode($boot, JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) !!}</script>
</body>
</html>
