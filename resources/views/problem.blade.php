<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    @if ($problem->status === 503)
        <meta http-equiv="refresh" content="4">
    @endif
    <title>{{ $problem->title }} · Rush Hold</title>
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    <link rel="stylesheet" href="/problem.css">
</head>
<body>
    <main>
        <p class="name"><img src="/mark.svg" alt="" width="24" height="28"> Rush Hold</p>
        <h1>{{ $problem->title }}.</h1>
        <p>{{ $problem->detail }}</p>
        @if ($problem->status === 503)
            <p>This page tries again by itself every four seconds.</p>
        @else
            <p><a href="/">Go to your rushes</a></p>
        @endif
    </main>
</body>
</html>
