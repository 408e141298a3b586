<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;

/** Looks at a layout for one kind of conflict. */
interface Check
{
    /** @return list<Finding> */
    public function find(LayoutOnBody $onBody): array;
}
