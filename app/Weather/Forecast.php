<?php

declare(strict_types=1);

namespace App\Weather;

use RushHold\Light\Observer;
use RushHold\Outing\Weather;

/** Where the weather of an outing comes from, as far as nobody has typed it. */
interface Forecast
{
    /** @return array<int, Weather> by hour of the day by the clocks of the place, 24 and more on the next; hours it does not know are left out */
    public function hours(Observer $position, string $date): array;
}
