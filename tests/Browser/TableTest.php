<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Support\Outings;

/** Gives the log a table of this text, as if it had been chosen. */
function giveTable(RemoteWebDriver $window, string $text, string $name = 'season.csv'): void
{
    $folder = sys_get_temp_dir().'/table-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("{$folder}/{$name}", $text);
    $window->findElement(WebDriverBy::cssSelector('.intake input[aria-label="A table of frames"]'))->sendKeys("{$folder}/{$name}");
}

const SEASON = <<<'CSV'
    Picture;Day;At;Shutter speed;Tick
    SHOAL_1.jpg;03/05/2026;05:12:33,10;1/2000;yes
    SHOAL_2.jpg;03/05/2026;05:12:33,20;1/2000;no
    SHOAL_3.jpg;03/05/2026;05:12:33,30;quick;yes
    SHOAL_4.jpg;someday;06:40:00;1/250;no
    CSV;

it('shows how a table is read, takes it in as it was put right, and gives it back', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    giveTable($window, SEASON);
    $this->see($window, 'Frames out of season.csv');
    // one column nobody could guess: without it no frame has a moment
    $this->see($window, 'Say which column is the day and time');
    $take = static fn () => $window->findElement(WebDriverBy::cssSelector('.take-table .primary'));
    expect($take()->isEnabled())->toBeFalse();
    $this->pick($window, 'What At is taken for', 'time of day');
    $this->see($window, 'The first of 4 frames, as they are read');
    $this->see($window, '3 May 2026, 05:12:33');
    $this->see($window, 'No column says how they came out');
    $this->pick($window, 'What Tick is taken for', 'kept or not');
    $window->wait(15, 50)->until(fn (): bool => ! str_contains($this->text($window), 'No column says how they came out'));
    $this->see($window, 'Its shutter is “quick” in the table, which cannot be read.');
    // 3 May, or 5 March
    $this->pick($window, 'Order of the parts of a day', 'month, day, year');
    $this->see($window, '5 March 2026, 05:12:33');
    $this->pick($window, 'Order of the parts of a day', 'day, month, year');
    $this->see($window, '3 May 2026, 05:12:33');
    expect($this->axe($window))->toBe([]);
    $window->wait(15, 50)->until(static fn (): bool => $take()->isEnabled());
    $take()->sendKeys(Key::ENTER);
    $this->see($window, 'season.csv brought 3 frames.');
    $this->see($window, 'One row could not be read; all others are here');
    $this->see($window, '2 of 3 sharp');
    expect($this->axe($window))->toBe([]);
    // a frame without a picture says so, and can be judged
    $this->one($window, '.burst-row a')->click();
    $this->see($window, 'It came in a table, without its picture');
    $window->getKeyboard()->sendKeys(Key::ARROW_RIGHT);
    $this->see($window, 'Frame 2 of 3');
    $this->see($window, 'not measured');
    $this->keys($window, '1');
    $this->see($window, '3 of 3 sharp');
    $this->press($window, 'All bursts');
    $this->press($window, 'Take them back');
    $this->see($window, 'What season.csv brought has been taken back.');
    $this->see($window, 'Nothing has come home yet.');
});

it('says what is wrong with a file that is none, and takes nothing of it', function () {
    $this->expectedOnConsole = ['/api/log/tables/look', '/api/files/table/'];
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    giveTable($window, '{"format":"kit/1"}', 'kit.json');
    $this->see($window, 'The file cannot be read as a table of frames');
    $window->getKeyboard()->sendKeys(Key::ESCAPE);
    giveTable($window, "a\0b,c\n", 'odd.csv');
    $this->see($window, 'a table of frames, which is text: CSV or log/1');
    $window->getKeyboard()->sendKeys(Key::ESCAPE);
    $window->wait(15, 50)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.take-table, .ant-modal .fault')) === []);
    $this->see($window, 'Nothing has come home yet.');
});

it('reckons a day with the light its own frames have told of the place, once that is switched on', function () {
    $window = $this->browser();
    $this->planning($window);
    $rush = $this->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $place = $this->api($window, 'POST', 'places', ['place' => Outings::document()['place'], 'write_id' => 'p'])[1];
    $sky = array_map(static fn (int $hour): array => ['hour' => $hour, 'sky' => 'clear'], range(3, 22));
    $document = ['date' => '2026-05-23', 'sky' => $sky, 'metered' => []] + Outings::kept($rush);
    [$status, $outing] = $this->api($window, 'POST', 'outings', ['name' => 'Spring tide', 'place_id' => $place['id'], 'outing' => $document, 'write_id' => 'o']);
    expect($status)->toBe(201);
    $day = array_column($this->api($window, 'GET', "outings/{$outing['id']}/day")[1]['day']['moments'], 'ev100', 'at');
    $rows = ['file,taken_at,shutter,aperture,iso,eye'];
    foreach (array_slice(array_keys($day), 24, 4) as $number => $at) {
        $clock = (new DateTimeImmutable($at))->setTimezone(new DateTimeZone('Europe/Dublin'));
        $rows[] = sprintf('L_%d.jpg,%s,%.9f,8,100,sharp', $number, $clock->format('Y-m-d H:i:s'), 64 / 2 ** ($day[$at] + 2));
    }
    $window->get($this->address('/log'));
    $this->see($window, 'Nothing has come home yet.');
    giveTable($window, implode("\n", $rows));
    $this->press($window, 'Take 4 frames in');
    $this->see($window, 'season.csv brought 4 frames.');
    foreach ($this->api($window, 'GET', 'log')[1]['bursts'] as $burst) {
        expect($this->api($window, 'PUT', "bursts/{$burst['id']}/rush", ['rush_id' => $rush])[0])->toBe(200);
    }
    $window->get($this->address('/log/yours'));
    $this->see($window, 'How much brighter than reckoned it is at The inlet');
    $this->tabTo($window, 'Use yours: How much brighter than reckoned');
    $this->keys($window, Key::SPACE);
    $this->one($window, 'input[aria-label^="Use yours: How much brighter"]:checked');
    $window->get($this->address('/outing/'.$outing['id']));
    $this->see($window, 'The day is reckoned with');
    expect($this->one($window, '[data-testid=own-light]')->getText())->toContain('stops brighter instead: yours, from 4 frames');
    $after = array_column($this->api($window, 'GET', "outings/{$outing['id']}/day")[1]['day']['moments'], 'ev100', 'at');
    $at = array_keys($day)[24];
    expect($after[$at] - $day[$at])->toBeGreaterThan(0.5);
});
