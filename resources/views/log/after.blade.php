<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $text($after['outing']['name']) }}</title>
<style>
@page { margin: 18mm 20mm; }
body { font: 11pt/1.35 "Read", "Read Ext", "DejaVu Sans", "Everywhere"; color: #000; margin: 0; word-wrap: break-word; }
h1 { font: normal 22pt/1.15 "Serif", "Serif Ext", "DejaVu Sans", "Everywhere"; margin: 0; }
.of { margin: 0 0 5mm; color: #333; border-bottom: 0.4mm solid #000; padding-bottom: 2mm; }
.share { font: normal 34pt/1.1 "Big", "Big Ext", "DejaVu Sans", "Everywhere"; margin: 0; }
h2 { font: normal 13pt/1.2 "Serif", "Serif Ext", "DejaVu Sans", "Everywhere"; margin: 5mm 0 1mm; border-bottom: 0.2mm solid #000; }
p { margin: 1mm 0; }
table { width: 100%; border-collapse: collapse; }
td, th { text-align: left; vertical-align: top; padding: 1mm 2mm 1mm 0; font-weight: normal; border-bottom: 0.1mm solid #999; }
ul { margin: 0; padding-left: 5mm; }
</style>
</head>
<body>
<h1>{{ $text($after['outing']['name']) }}</h1>
<p class="of">{{ $after['outing']['date'] }}, {{ $text($after['outing']['place']) }}</p>
@if ($after['whole']['frames'] > 0)
<p class="share">{{ round(100 * $after['whole']['share']) }} % sharp</p>
<p>{{ round(100 * $after['whole']['least']) }} – {{ round(100 * $after['whole']['most']) }} % with 95 % sureness</p>
@endif
<h2>What you went for, and brought</h2>
<p>{{ $text($after['went']) }}</p>
<p>{{ $text($after['brought']) }}</p>
<table>
@foreach ($after['rushes'] as $rush)
<tr>
    <th>{{ $text($rush['words']) }}</th>
    <td>{{ $rush['frames'] === 0 ? 'nothing came home' : $rush['keepers'].' of '.$rush['frames'].' sharp' }}</td>
    <td>{{ $rush['promised'] === null ? '' : 'expected '.round(100 * $rush['promised']).' %' }}</td>
</tr>
@endforeach
</table>
@if ($after['cost'] !== null)
<h2>What cost most</h2>
<p>{{ $text($after['cost']) }}</p>
@endif
@if ($after['change'] !== null)
<h2>Next time</h2>
<p>{{ $text($after['change']['words']) }}</p>
@endif
@if ($after['learnt'] !== [])
<h2>What your frames say of you</h2>
<ul>
@foreach ($after['learnt'] as $learnt)
<li>{{ $text($learnt) }}</li>
@endforeach
</ul>
@endif
</body>
</html>
