<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/** Opens a rush of the demo by name. */
function openDemo(object $test, RemoteWebDriver $window, string $name): void
{
    $window->get($test->address('/'));
    $test->press($window, 'Look around the demo');
    $test->one($window, '[data-testid=answer]');
    [, $list] = $test->api($window, 'GET', 'rushes');
    $window->get($test->address('/plan/'.array_column($list['rushes'], 'id', 'name')[$name]));
    $test->named($window, $name);
    $test->one($window, '[data-testid=answer]');
}

/** Waits until the pane shows another AF area, and gives it. */
function otherArea(object $test, RemoteWebDriver $window, string $before): string
{
    $window
        ->wait(15, 50)
        ->until(fn (): bool => $test->one($window, '[data-testid=pane]')->getAttribute('data-area') !== $before);

    return (string) $test->one($window, '[data-testid=pane]')->getAttribute('data-area');
}

it('lets the subject be dragged past a tipping point, where the hold changes as announced', function () {
    $window = $this->browser();
    openDemo($this, $window, 'Warbler in the sea buckthorn');
    [, $told] = $this->api(
        $window,
        'GET',
        'rushes/'.basename((string) parse_url($window->getCurrentURL(), PHP_URL_PATH)).'/tips',
    );
    $tips = array_values(
        array_filter(
            $told['tipping'],
            fn (array $tip): bool => $tip['dimension'] === 'distance' &&
                $tip['direction'] === 'above' &&
                in_array('area.pattern', $tip['fields'], true),
        ),
    );
    expect($tips)->not->toBe([]);
    $this->see($window, strtolower(substr($tips[0]['condition'], 0, 1)).substr($tips[0]['condition'], 1));
    $before = (string) $this->one($window, '[data-testid=pane]')->getAttribute('data-area');

    $slider = $this->one($window, '[data-grip=work]');
    $mark = $window->findElements(WebDriverBy::cssSelector('.lane-tip circle'));
    $right = max(array_map(fn ($circle): int => $circle->getLocation()->getX(), $mark));
    $reach = $right + 40 - $slider->getLocation()->getX();
    (new WebDriverActions($window))
        ->moveToElement($slider)
        ->clickAndHold()
        ->moveByOffset((int) ($reach / 2), 0)
        ->moveByOffset((int) ceil($reach / 2), 0)
        ->release()
        ->perform();
    $this->saved($window);

    expect((float) $this->one($window, '[data-grip=work]')->getAttribute('aria-valuenow'))
        ->toBeGreaterThan((float) $tips[0]['value'])
        ->and(otherArea($this, $window, $before))
        ->not->toBe($before);
    $this->press($window, 'undo');
    $this->reads($window, '[data-word=distance]', '7 m');
    $this->saved($window);
});
