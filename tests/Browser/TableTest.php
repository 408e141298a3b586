<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

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
