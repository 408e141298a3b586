<?php

declare(strict_types=1);

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

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

it('changes area, reason and pane when clutter is put in front by keyboard, and says what changed', function () {
    $window = $this->browser();
    $this->planning($window);
    $before = (string) $this->one($window, '[data-testid=pane]')->getAttribute('data-area');
    $this->see($window, 'Change a word, and see here what it changes.');

    $this->keys($window, 'o');
    $this->one($window, '[data-editor=front] [aria-checked=true]');
    $this->keys($window, Key::ARROW_DOWN, Key::ARROW_DOWN, Key::ENTER);
    $this->reads($window, '[data-word=front]', 'dense clutter in front');
    $after = otherArea($this, $window, $before);
    $this->keys($window, Key::ESCAPE);

    expect(['spot', 'single-point', 'point-plus', 'zone-small'])->toContain($after);
    $this->see($window, 'Dense clutter in front');
    $this->see($window, 'nothing in front → dense clutter in front');
    expect($this->one($window, '[data-testid=changes]')->getText())
        ->toContain('area')
        ->and($window->findElements(WebDriverBy::cssSelector('.in-front path')))
        ->not->toBe([]);
    $this->saved($window);

    $this->one($window, '[data-field="area.pattern"]')->click();
    $this->see($window, 'How often each area keeps the right thing');
    $this->see($window, 'P · e^(−Σh)');
    $this->press($window, 'Done');
    $window->getKeyboard()->sendKeys([Key::CONTROL, 'z', Key::NULL]);
    $this->reads($window, '[data-word=front]', 'nothing in front');
    expect(otherArea($this, $window, $after))->toBe($before);
});

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

it('moves near, far and obstacle on the lane by keyboard', function () {
    $window = $this->browser();
    $this->planning($window);
    foreach (['near' => Key::ARROW_LEFT, 'far' => Key::ARROW_RIGHT] as $grip => $key) {
        $before = (float) $this->one($window, "[data-grip={$grip}]")->getAttribute('aria-valuenow');
        $this->one($window, "[data-grip={$grip}]")->sendKeys([$key, $key]);
        $window
            ->wait(15, 50)
            ->until(
                fn (): bool => (float) $this->one($window, "[data-grip={$grip}]")->getAttribute('aria-valuenow') !==
                    $before,
            );
    }
    expect($window->findElements(WebDriverBy::cssSelector('[data-grip=obstacle]')))->toBe([]);
    $this->one($window, '[data-word=front]')->sendKeys([Key::ARROW_UP]);
    $before = (float) $this->one($window, '[data-grip=obstacle]')->getAttribute('aria-valuenow');
    $this->one($window, '[data-grip=obstacle]')->sendKeys([Key::ARROW_LEFT]);
    $window
        ->wait(15, 50)
        ->until(
            fn (): bool => (float) $this->one($window, '[data-grip=obstacle]')->getAttribute('aria-valuenow') < $before,
        );
    $this->saved($window);
});

it('compares schools side by side, and takes one', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->write($window, 'distance', '30');
    $this->press($window, 'Compare schools of practice');
    $this->one($window, 'table.side .other');
    $heads = array_map(
        fn ($head): string => $head->getText(),
        $window->findElements(WebDriverBy::cssSelector('table.side thead th')),
    );
    expect(count($heads))->toBeGreaterThanOrEqual(3)->and($heads[1])->toContain('usual')->toContain('AF keeps it');
    $this->see($window, 'The same in all:');
    $this->press($window, 'Focus button');
    $this->see($window, 'three buttons');
    foreach ($window->findElements(WebDriverBy::cssSelector('table.side thead th')) as $head) {
        if (str_contains($head->getText(), 'three buttons')) {
            $head->findElement(WebDriverBy::cssSelector('button'))->click();
        }
    }
    $this->reads($window, '[data-word=schools]', 'my school on focus button');
    $this->reads($window, '.picked', '● yours');
    $this->keys($window, Key::ESCAPE);
    $this->reads($window, '[data-field=scheme]', 'Three buttons');
    $this->saved($window);
});

it('sets two rushes side by side', function () {
    $window = $this->browser();
    openDemo($this, $window, 'Terns over the bar');
    $this->press($window, 'Compare with another rush');
    $this->one($window, 'table.side .other');
    $this->see($window, 'that is what to change on the camera from one to the other');
});

it('offers a reflex body nothing that it lacks', function () {
    $window = $this->browser();
    openDemo($this, $window, 'Gannets from the cliff path');
    $hold = $this->one($window, '.hold')->getText();

    expect($hold)->toContain('no detection');
    $this->one($window, '[data-field="tuning.pace"], .dial-row');
    $area = $this->one($window, '.area-shape')->getSize();
    $pane = $this->one($window, '[data-testid=pane] svg')->getSize();
    expect($area->getWidth())->toBeLessThan($pane->getWidth() * 0.6);
    $this->one($window, '[data-field="area.place"]')->click();
    $this->see($window, 'A reflex body\'s best points are in the middle.');
    $this->press($window, 'Done');

    // the zoom is set by hand, and given back to the plan
    $zoom = $this->one($window, '.zoom input');
    $set = $zoom->getAttribute('value');
    $zoom->sendKeys([Key::ARROW_LEFT]);
    $window->wait(15, 50)->until(fn (): bool => $this->one($window, '.zoom input')->getAttribute('value') !== $set);
    $this->saved($window);
    $this->press($window, 'let the plan set it');
    $this->see($window, 'set by the plan');
    $this->saved($window);
});

it('answers for other distances and speeds on a map that can be walked, and goes there', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->one($window, '[data-testid=map] .here')->click();
    $says = $this->one($window, '.map-says')->getText();
    $this->keys($window, Key::ARROW_LEFT, Key::ARROW_LEFT, Key::ARROW_UP);
    $window->wait(15, 50)->until(fn (): bool => $this->one($window, '.map-says')->getText() !== $says);
    preg_match('/^([\d.]+).m, ([\d.]+).m\/s/u', $this->one($window, '.map-says')->getText(), $there);
    $this->keys($window, Key::ENTER);
    $this->reads($window, '[data-word=distance]', "{$there[1]} m");
    $this->reads($window, '[data-word=speed]', "{$there[2]} m/s");
    $this->saved($window);
});
