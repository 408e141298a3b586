@php($mm = fn (float $size): string => sprintf('%.2fmm', $size * $scale))
@php($pt = fn (float $size): string => sprintf('%.1fpt', $size * $scale))
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>{{ $text($name) }}</title>
<style>
@page { margin: {{ $mm(5) }} {{ $mm(6) }}; }
body { font: {{ $pt(6.6) }}/1.2 "Read", "Read Ext", "DejaVu Sans", "Everywhere"; color: #000; margin: 0; word-wrap: break-word; }
.page { page-break-after: always; }
.last { page-break-after: auto; }
h1 { font: normal {{ $pt(10.5) }}/1.15 "Serif", "Serif Ext", "DejaVu Sans", "Everywhere"; margin: 0; }
.water { margin: 0 0 {{ $mm(1) }}; padding: {{ $mm(0.8) }} {{ $mm(1.2) }}; border: {{ $mm(0.4) }} solid #000; }
.of { margin: 0 0 {{ $mm(1) }}; color: #333; }
table { width: 100%; border-collapse: collapse; }
td, th { text-align: left; vertical-align: top; padding: {{ $mm(0.5) }} {{ $mm(1) }} {{ $mm(0.5) }} 0; font-weight: normal; }
.big td { border-top: {{ $mm(0.4) }} solid #000; border-bottom: {{ $mm(0.4) }} solid #000; width: 25%; }
.big .name { display: block; font-size: {{ $pt(6) }}; }
.big .value { display: block; font: normal {{ $pt(17) }}/1.05 "Big", "Big Ext", "DejaVu Sans", "Everywhere"; }
.big .word { font-size: {{ $pt(10) }}; padding-top: {{ $mm(1) }}; }
.lines tr { border-bottom: {{ $mm(0.1) }} solid #999; }
.lines th { width: 26%; }
.lines .where { font-size: {{ $pt(5) }}; color: #333; }
b { font-weight: bold; }
.side { width: {{ $mm(32) }}; padding-left: {{ $mm(2) }}; padding-right: 0; }
.side p { margin: {{ $mm(0.8) }} 0 0; }
.figure { width: {{ $mm(30) }}; }
ul { margin: 0; padding-left: {{ $mm(3) }}; }
.small { font-size: {{ $pt(5.4) }}; color: #222; margin: {{ $mm(1) }} 0 0; }
h2 { font-size: {{ $pt(7) }}; margin: {{ $mm(1.2) }} 0 0; }
</style>
</head>
<body>
@forelse ($pages as $page)
<div class="page{{ $loop->last ? ' last' : '' }}">
    <h1>{{ $text($page['name']) }}</h1>
    @if (isset($page['fault']))
        <p>{{ $page['fault'] }}</p>
    @else
    @if ($page['water'] !== null)
    <p class="water"><b>Water{{ $page['spot'] === null ? '' : ' at '.$text($page['spot']) }}:</b> {{ $text($page['water']) }} The official table and local rules go before this.</p>
    @endif
    <p class="of">{{ $text($name) }} · {{ $text($page['body']['name']) }}, {{ $text($page['kit']) }}{{ $page['zooms'] ? ' at '.$page['focal'] : '' }}</p>
    @if ($page['hours'] !== null)
    <p class="of"><b>{{ $page['hours']['from'] }}–{{ $page['hours']['until'] }}</b> {{ $text($page['spot']) }} · set for {{ $page['hours']['at'] }}: EV {{ number_format($page['hours']['ev100'], 1) }}, {{ $page['hours']['light'] }}</p>
    @endif
    <table class="big"><tr>
        @foreach ($page['settings'] as $setting)
        <td><span class="name">{{ $setting['name'] }}</span><span class="value{{ $loop->last ? ' word' : '' }}">{{ $setting['word'] }}</span></td>
        @endforeach
    </tr></table>
    <table><tr>
        <td>
            <table class="lines">
                @foreach ($page['lines'] as $line)
                @continue($line['field'] === 'focus_mode')
                <tr><th>{{ $text($line['name']) }}</th><td><b>{{ $text($line['word']) }}</b>@if ($line['note']) <span class="where">{{ $text($line['note']) }}</span>@endif @if ($line['where'])<span class="where">· {{ $text($line['where']) }}</span>@endif</td></tr>
                @endforeach
            </table>
        </td>
        <td class="side">
            <img src="data:image/svg+xml;base64,{{ base64_encode($figure($page['figure'])) }}" class="figure" alt="">
            <p>Aim at the <b>{{ $page['aim']['at'] }}</b>{{ $page['aim']['place'] === '' ? '' : ', '.$page['aim']['place'] }}</p>
            @if ($page['frame'] === 'portrait')
            <p>Camera <b>upright</b></p>
            @endif
            <p>Button: <b>{{ $text($page['button']['how']) }}</b></p>
            @if (($page['button']['brings'] ?? []) !== [])
            <p>It brings: {{ $text(implode(', ', array_map(fn (array $one): string => $one['name'].' '.$one['word'], $page['button']['brings']))) }}</p>
            @endif
            @if ($page['technique'])
            <p>By hand: <b>{{ $page['technique'] }}{{ $page['trap_m'] === null ? '' : ' at '.$length($page['trap_m']) }}</b></p>
            @endif
        </td>
    </tr></table>
    @if ($page['fast'] !== [])
    <p class="small"><b>Do not touch:</b> {{ implode('; ', array_map(fn (array $one): string => $one['name'].', '.$one['words'], $page['fast'])) }}.</p>
    @endif
    @foreach ($scale > 1.1 ? ['before' => 'Before', 'during' => 'While it happens'] : [] as $when => $title)
    @if ($page['routine'][$when] !== [])
    <p class="small"><b>{{ $title }}:</b> {{ implode(' ', $page['routine'][$when]) }}</p>
    @endif
    @endforeach
    @if ($page['tips'] !== [])
    <h2>What changes it</h2>
    <ul>
        @foreach ($page['tips'] as $tip)
        <li>{{ $tip['when'] }}: <b>{{ implode('; ', $tip['then']) }}</b></li>
        @endforeach
    </ul>
    @endif
    @foreach ($page['cautions'] as $caution)
    <p class="small">{{ $caution }}</p>
    @endforeach
    @endif
</div>
@empty
<p>This card holds no hold yet.</p>
@endforelse
</body>
</html>
