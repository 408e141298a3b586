<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\BrowserTestCase;
use Tests\Support\Outings;

/** A window at the counts of an account with a long log of two rushes. */
function counting(BrowserTestCase $test): RemoteWebDriver
{
    $window = $test->browser();
    $email = $test->planning($window);
    $row = $test->api($window, 'GET', 'rushes')[1]['rushes'][0];
    $whole = $test->api($window, 'GET', 'rushes/'.$row['id'])[1];
    $rush = ['name' => 'Otters at the weir'] + (array) $whole['rush'];
    $rush['photographer']['schools'] = (object) $rush['photographer']['schools'];
    $rush['motion']['speed_mps'] = 2;
    $rush['distance'] = ['near_m' => 5, 'work_m' => 7, 'far_m' => 9];
    [$status] = $test->api($window, 'POST', 'rushes', ['kit_id' => $whole['kit_id'], 'focal_mm' => null, 'rush' => $rush, 'write_id' => 'w']);
    expect($status)->toBe(201);
    $test->artisan('hold:log-made-up', $email, '1500');
    $window->get($test->address('/log/counts'));
    $test->one($window, '.counts-table');

    return $window;
}

it('reads a rate, sorts, narrows and compares by the keyboard alone', function () {
    $window = counting($this);
    $window->getKeyboard()->sendKeys(Key::ESCAPE);
    // what all bring, with what that is worth
    expect($this->one($window, '[data-testid=whole]')->getText())->toMatch('/^\d+ %\s+sharp of 1 \d{3} frames in \d+ bursts \d+ – \d+ % with 95 % sureness/');
    $this->tabTo($window, 'sharp');
    $this->keys($window, Key::ENTER);
    $this->see($window, 'Highest first by what is sure');
    expect($window->getCurrentURL())->toContain('order=high');
    // by what was shot
    $this->pick($window, 'Counted by', 'shutter');
    $this->see($window, '1/');
    $rows = array_map(static fn ($cell): string => $cell->getText(), $window->findElements(WebDriverBy::cssSelector('tbody th')));
    expect($rows)->not->toBe([]);
    $this->pick($window, 'Counted by', 'rush');
    $this->see($window, 'Otters at the weir');
    $this->tabTo($window, 'compare ');
    $this->keys($window, Key::ENTER);
    $this->see($window, 'Pick another rush to compare it with.');
    $this->keys($window, Key::TAB);
    $this->tabTo($window, 'compare ');
    $this->keys($window, Key::ENTER);
    $compared = $this->one($window, '[data-testid=compared]')->getText();
    expect($compared)->toMatch('/more sharp frames in a hundred than|Not to be told apart yet/');
    expect($this->axe($window))->toBe([]);
    // what is compared has an address, and the way back and forth
    $address = $window->getCurrentURL();
    $window->get($address);
    $this->reads($window, '[data-testid=compared]', $compared);
    $window->executeScript('document.querySelector("tbody button").focus()');
    $this->tabTo($window, 'count only these');
    $this->keys($window, Key::ENTER);
    $this->one($window, '.narrowed');
    expect($window->getCurrentURL())->toContain('rush=');
    $window->navigate()->back();
    $this->reads($window, '[data-testid=compared]', $compared);
});

it('tells what was promised beside what came home, and goes to the bursts behind a count', function () {
    $window = counting($this);
    $this->press($window, 'promises');
    $this->see($window, 'What frames are lost to');
    $this->see($window, 'Rehearsal expected');
    $this->see($window, 'you brought');
    $this->see($window, '0.25 for a coin');
    expect($this->one($window, '.calibration-picture')->getAttribute('aria-label'))->toMatch('/^promised \d+ %, found \d+ %, \d+ – \d+ %, of \d+ frames/');
    $this->pick($window, 'Only where', 'only one month …');
    $this->pick($window, 'Which month', 'March 2024');
    $this->see($window, 'month: March 2024');
    $this->press($window, 'counts');
    $this->one($window, '.count-acts a')->click();
    $this->one($window, '.burst-row');
    $this->see($window, 'Bursts of');
    $this->see($window, 'no picture');
    // nothing is lost where there is nothing
    $window->get($this->address('/log/counts?by=area&month=1999-01'));
    $this->see($window, 'No burst is like that.');
    $window->get($this->address('/log?month=1999-01'));
    $this->see($window, 'No burst is like that.');
});

it('plans with a figure of one\'s own once it is switched on, says so, and says what the assumed one would be', function () {
    $window = $this->browser();
    $email = $this->planning($window);
    $rush = $this->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $this->artisan('hold:log-made-up', $email, '18', '--played', '--habits={"panning.settled":0.55}');
    $shutter = fn (): string => $this->one($window, '[data-field="shutter_s"]')->getText();
    $window->get($this->address('/plan/'.$rush));
    $before = $shutter();
    expect($this->text($window))->not->toContain('yours');
    $window->get($this->address('/log/yours'));
    $this->see($window, 'Share of the crossing motion your pan takes out, fairly practised');
    $this->see($window, 'What speaks against the assumed');
    $this->tabTo($window, 'Use yours: Share of the crossing motion');
    $this->keys($window, Key::SPACE);
    $this->one($window, 'input[aria-label^="Use yours: Share of the crossing motion"]:checked');
    expect($this->axe($window))->toBe([]);
    $this->room($window, 'Plan');
    $this->see($window, 'One figure here is yours, from ');
    expect($shutter())->not->toBe($before);
    $this->press($window, 'What would it be with the assumed ones?');
    $this->see($window, 'With the assumed ones: ');
    expect($this->one($window, '[data-testid=as-assumed]')->getText())->toContain(' instead of ');
    // a rehearsal of it says so too, and can be asked the same
    $window->get($this->address('/rehearse/'.$rush));
    $this->see($window, 'One figure here is yours, from ');
    $this->press($window, 'What would it be with the assumed ones?');
    expect($this->one($window, '[data-testid=as-assumed]')->getText())->toContain(' instead of ');
    // the bursts that tell it are one press away
    $this->press($window, 'which');
    $this->see($window, 'use yours');
    $this->one($window, '.yours-from a')->click();
    $this->see($window, 'Bursts that tell a figure of yours');
    $this->one($window, '.burst-row');
    // and it is switched off as it was switched on
    $window->navigate()->back();
    $pan = 'input[aria-label^="Use yours: Share of the crossing motion"]';
    $this->one($window, $pan)->click();
    $window->wait(15, 50)->until(fn (): bool => $window->findElements(WebDriverBy::cssSelector($pan.':checked')) === []);
    $window->get($this->address('/plan/'.$rush));
    expect($shutter())->toBe($before);
});

it('reads on the way home what a day has come to', function () {
    $window = $this->browser();
    $email = $this->planning($window);
    $this->artisan('hold:log-made-up', $email, '12', '--played', '--habits={"panning.settled":0.55}');
    $window->get($this->address('/log/after'));
    $this->see($window, 'No frames have come home of an outing yet.');
    $rush = $this->api($window, 'GET', 'rushes')[1]['rushes'][0]['id'];
    $document = Outings::kept($rush);
    $document['date'] = '2026-05-01';
    $place = $this->api($window, 'POST', 'places', ['place' => Outings::document()['place'], 'write_id' => 'p'])[1];
    $made = $this->api($window, 'POST', 'outings', ['name' => 'Bar at low water', 'place_id' => $place['id'], 'outing' => $document, 'write_id' => 'o']);
    expect($made[0])->toBe(201);
    $window->get($this->address('/log'));
    $this->press($window, 'a day');
    $this->see($window, 'Bar at low water, 1 May 2026');
    $this->see($window, 'You went for A new rush.');
    $this->see($window, 'of them sharp; of the bursts with a plan, rehearsals expected');
    $this->see($window, 'One change for next time');
    $this->see($window, 'Most are lost to its motion: ');
    expect($this->axe($window))->toBe([]);
    $this->press($window, 'to its plan');
    $this->one($window, '[data-testid=answer]');
});
