<?php

declare(strict_types=1);

use RushHold\Wording\Units;

it('writes lengths, speeds and shutters as people do', function () {
    expect(Units::Metric->length(0.36))
        ->toBe('36 cm')
        ->and(Units::Metric->length(18.11))
        ->toBe('18.1 m')
        ->and(Units::Metric->length(0.0042))
        ->toBe('4.2 mm')
        ->and(Units::Imperial->length(18))
        ->toBe('59.1 ft')
        ->and(Units::Imperial->length(0.36))
        ->toBe('14.2 in')
        ->and(Units::Metric->length(INF))
        ->toBe('infinity')
        ->and(Units::Metric->speed(9))
        ->toBe('9 m/s')
        ->and(Units::Imperial->speed(9))
        ->toBe('20.1 mph')
        ->and(Units::shutter(1 / 3200))
        ->toBe('1/3200')
        ->and(Units::shutter(1 / 2646))
        ->toBe('1/2650')
        ->and(Units::shutter(0.5))
        ->toBe('0.5 s')
        ->and(Units::blur(0.013))
        ->toBe('13.0 µm')
        ->and(Units::time(INF))
        ->toBe('for ever')
        ->and(Units::figures(0.0))
        ->toBe('0')
        ->and(Units::figures(-12.345))
        ->toBe('-12.3');
});
