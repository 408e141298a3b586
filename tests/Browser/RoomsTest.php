<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\BrowserTestCase;

/** @return list<array{id: string, name: string, when: string, letter: string}> */
function roomsBuilt(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/rooms.json'), true);
}

/** Waits until the address leads to a room and its head says so. */
function inRoom(BrowserTestCase $test, RemoteWebDriver $window, string $room, string $where): void
{
    $window
        ->wait(30, 50)
        ->until(
            static fn (): bool => str_starts_with(
                (string) parse_url($window->getCurrentURL(), PHP_URL_PATH),
                '/'.$room,
            ),
            "Waited for {$room}",
        );
    $test->one($window, $where);
}

it('has every room, theme and units under the thumb of a phone', function (int $width, int $height) {
    $window = $this->browser($width, $height);
    $this->planning($window);
    foreach (array_slice(roomsBuilt(), 2) as $room) {
        $this->one($window, '.thumb > a')->click();
        inRoom($this, $window, $room['id'], '.thumb');
        $this->reads($window, '.thumb > button b', $room['name']);
    }
    $this->one($window, '.thumb > button')->click();
    $this->one($window, '.thumb-rooms');
    $window->wait(10, 50)->until(
        fn (): bool => $window->executeScript(
            <<<'JS'
            const panel = document.querySelector(".ant-drawer-section, .ant-drawer-content");
            return panel !== null && panel.getBoundingClientRect().bottom <= innerHeight + 1;
            JS
            ,
        ),
        'Waited for the list to stand',
    );
    foreach (
        $window->findElements(
            WebDriverBy::cssSelector('.thumb-rooms a, .thumb-pick button, .thumb-set > a, .thumb > button'),
        ) as $target
    ) {
        expect($target->getSize()->getHeight())
            ->toBeGreaterThanOrEqual(44)
            ->and($target->getLocation()->getX() + $target->getSize()->getWidth())
            ->toBeLessThanOrEqual($width);
    }
    $this->press($window, 'ember');
    $window
        ->wait(10, 50)
        ->until(
            static fn (): bool => $window->executeScript('return document.documentElement.dataset.theme') === 'ember',
        );
    $this->press($window, 'ft · in');
    $this->press($window, 'Kit');
    inRoom($this, $window, 'kit', '.kit-list');
    $window
        ->wait(10, 50)
        ->until(
            fn (): bool => ($this->api($window, 'GET', 'session')[1]['user']['settings']['units'] ?? '') === 'imperial',
        );
    expect($window->findElements(WebDriverBy::cssSelector('.head nav')))->toBe([]);
})->with([[360, 740], [430, 932]]);
