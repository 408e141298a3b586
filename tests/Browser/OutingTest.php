<?php

declare(strict_types=1);

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;

/** A file somebody has on their disk. */
function onDisk(string $name, string $text): string
{
    $path = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-'.$name;
    file_put_contents($path, $text);

    return $path;
}

/** Sends a file to the field that takes points. */
function sendPoints(RemoteWebDriver $window, string $path): void
{
    $window
        ->findElement(WebDriverBy::cssSelector('.file-points input[type=file]'))
        ->setFileDetector(new LocalFileDetector())
        ->sendKeys($path);
}

it('makes a place from a GPX file, turns a bearing by keyboard, types over the sky, and shows a hold give way', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Outing');
    $this->see($window, 'No outing yet.');
    $this->expectedOnConsole = ['status of 422'];

    // a file that means harm is refused in words, and nothing is made
    sendPoints($window, onDisk('evil.gpx', '<!DOCTYPE gpx [<!ENTITY a "x">]><gpx><wpt lat="1" lon="1"/></gpx>'));
    $this->see($window, 'document type or entities of its own');
    sendPoints(
        $window,
        onDisk(
            'inlet.gpx',
            '<gpx><wpt lat="53.55" lon="-5.1"><name>The bar</name></wpt><wpt lat="53.553" lon="-5.107"><name>Turf</name></wpt></gpx>',
        ),
    );
    $this->one($window, '.strip-hand');
    expect($this->api($window, 'GET', 'places')[1]['places'][0]['place']['spots'])->toHaveCount(2);

    // a bearing by keyboard: three steps to the left of north
    $dial = $this->one($window, '.compass-turns');
    $dial->sendKeys([Key::PAGE_DOWN, Key::PAGE_DOWN, Key::ARROW_LEFT]);
    $window->wait(15, 100)->until(
        fn (): bool => $this->api($window, 'GET', 'places')[1]['places'][0]['place']['spots'][0]['bearing_deg'] === 329,
    );

    // an hour of the sky typed over: it is no longer made up
    $this->pick($window, 'Sky at 09:00', 'heavy cloud');
    $this->one($window, '[aria-label="give back 09:00"]');
    $this->one($window, '[aria-label="Air at 09:00"]')->sendKeys([Key::CONTROL, 'a', Key::NULL, '48 F', Key::ENTER]);
    $window->wait(20, 100)->until(
        fn (): bool => $this->one($window, '[aria-label="Air at 09:00"]')->getAttribute('value') === '8.89 °C',
        'Waited for the temperature to be read',
    );

    // the hand moves by keys, and everything beneath follows
    $hand = $this->one($window, '.strip-hand');
    $hand->sendKeys([Key::HOME]);
    $this->reads($window, '.at-clock', '05:00');
    $hand->sendKeys([Key::PAGE_UP, Key::PAGE_UP, Key::ARROW_RIGHT]);
    $this->reads($window, '.at-clock', '07:05');
    $light = $this->text($window);
    expect($light)->toContain('EV')->toContain('of 100 frames');

    // by night nothing comes out, and it says why
    $this->one($window, '[aria-label="Begins"]');
    $type = fn (string $label, string $value) => $this->one($window, "[aria-label=\"{$label}\"]")->sendKeys([
        Key::CONTROL,
        'a',
        Key::NULL,
        $value,
        Key::ENTER,
    ]);
    $type('Date', '2027-05-22');
    $type('Begins', '2:00');
    $name = 'A new rush';
    // what is no time stays as it was typed, and says why
    $type("First hour of {$name}", '26');
    $this->see($window, 'type a time such as 07:40');
    $type("First hour of {$name}", '0200');
    $this->see($window, 'Its hold keeps its promise from 0');
    $this->one($window, '.strip-hand')->sendKeys([Key::HOME]);
    $this->reads($window, '.at-clock', '02:00');
    $this->see($window, 'too dark');
    $this->saved($window);

    // taken back, step by step, and still there after a reload
    $this->press($window, 'undo');
    $this->see($window, 'saved');
    $window->navigate()->refresh();
    $this->one($window, '.strip-hand');
});

it('shows the demo: the bar floods, the calendar and the card of the day follow', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $window->get($this->address('/outing/'.$outings['Spring tide at the inlet']));
    $this->one($window, '.strip-hand');
    $this->see($window, 'Be off by 10:21.');
    $this->see($window, 'Free until 10:48: be off by 10:21; cut off 10:48 to 15:38.');
    $this->see($window, 'official table');
    // what is pressed in the order moves the hand there
    $this->one($window, '.order-time')->click();
    $begins = $this->one($window, '.order-time')->getText();
    $this->reads($window, '.at-clock', substr($begins, 0, 5));
    $calendar = $window->executeAsyncScript(
        'const done = arguments[0]; fetch(document.querySelector("a[download]").href).then((r) => r.text()).then(done);',
    );
    expect($calendar)->toStartWith('BEGIN:VCALENDAR')->toContain('BEGIN:VALARM');
    expect($calendar)->toContain('Be off The bar by 10:21');
    // under the hand stands what the day has, and at its end the bar is not free
    $hand = $this->one($window, '.strip-hand');
    $window->findElements(WebDriverBy::cssSelector('.order-time'))[2]->click();
    $this->reads($window, '.at-clock', '08:40');
    $this->reads($window, '.at-water b', 'The bar: free now.');
    $hand->sendKeys([Key::END]);
    $this->reads($window, '.at-water b', 'The bar: cut off now.');
    $this->press($window, 'card of the day');
    $this->one($window, '.to-set');
    $this->see($window, 'Set for');
    $this->press($window, 'Terns over the bar');
    $this->see($window, 'Free until 10:48: be off by 10:21');
    expect($this->api($window, 'GET', 'cards')[1]['cards'][0]['card']['name'])->toBe('Spring tide at the inlet');

    // where the sun does not set it is said
    $window->get($this->address('/outing/'.$outings['Night without sunset']));
    $this->see($window, 'The sun does not set.');
    $this->see($window, 'next day');
});

it('takes water that is not known for high: drawn and said, until it is typed; over midnight it says which day', function () {
    $window = $this->browser();
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $window->get($this->address('/outing/'.$outings['Spring tide at the inlet']));
    $this->one($window, '.strip-hand');
    foreach ([4, 3, 2] as $water) {
        $this->one($window, "[aria-label=\"take out water {$water}\"]")->click();
    }
    $this->see($window, 'only the high water at 00:50 (4.2 m) is typed');
    $this->one($window, '.water-unknown');
    $this->see($window, 'Not in the order: nobody has said whether the water cuts off The bar');
    // a low water and a high one by keyboard: what was shut opens
    $type = fn (string $label, string $value) => $this->one($window, "[aria-label=\"{$label}\"]")->sendKeys([Key::CONTROL, 'a', Key::NULL, $value, Key::ENTER]);
    $this->press($window, 'Add a high or low water');
    $type('Time of water 2', '7.02');
    $type('Height of water 2', '0,5 m');
    $this->press($window, 'Add a high or low water');
    $type('Height of water 3', '4.4');
    $this->see($window, 'Free until 10:');
    $this->one($window, '.water-shut');

    // the way off, in the spot; the order follows
    $type('Minutes on foot off The bar', '40');
    $this->see($window, 'and 40 min on foot to ground that stays dry');

    // a night: a rush past midnight, a water of the next day, all by itself
    $type('Begins', '20:00');
    $type('Ends', '4:00');
    $type('First hour of Owl along the dyke, last light', '0030');
    $type('Last hour of Owl along the dyke, last light', '0330');
    $this->see($window, 'next day');
    $window->wait(30, 200)->until(
        fn (): bool => str_contains((string) json_encode($this->api($window, 'GET', 'outings/'.$outings['Spring tide at the inlet'].'/day')[1]['day']['rushes'][0]['hours'] ?? null), '2027-05-23T00:30'),
        'Waited for the hours of the next day',
    );
    $this->see($window, 'lie outside of yours, 20:00 to 04:00 next day.');
    $this->pick($window, 'Before the first and after the last water', 'they go on as tides usually do (reckoned, with wider margins)');
    $this->see($window, '45 min where a water is only reckoned');
    $this->saved($window);
});

it('slides under the hand on a phone', function () {
    $window = $this->browser(390, 844);
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $window->get($this->address('/outing/'.$outings['Slalom Saturday']));
    $this->one($window, '.strip-hand');
    $window->executeScript('document.querySelector(".strip-slides").scrollLeft = 8 * 12');
    $this->reads($window, '.at-clock', '10:00');
    // the names of the bands stay in sight while the hours slide
    expect($window->executeScript('return document.querySelector(".strip-names b").getBoundingClientRect().left'))->toBeBetween(0, 40);
    expect($window->executeScript('return document.documentElement.scrollWidth <= window.innerWidth'))->toBeTrue();
});

it('is read without a connection once it was opened', function () {
    $window = $this->browser(390, 844);
    $window->get($this->address('/'));
    $this->press($window, 'Look around the demo');
    $this->one($window, '[data-testid=answer]');
    $this->carried($window);
    $outings = array_column($this->api($window, 'GET', 'outings')[1]['outings'], 'id', 'name');
    $id = $outings['Spring tide at the inlet'];
    $window->get($this->address('/outing/'.$id));
    $this->one($window, '.strip-hand');
    $window->wait(30, 200)->until(
        static fn (): bool => (bool) $window->executeAsyncScript(
            'const [id, done] = arguments; caches.keys().then((names) => caches.open(names.find((name) => name.startsWith("rush-hold-offline:")))).then((cache) => cache.match(`/api/outings/${id}/day`)).then((found) => done(found !== undefined), () => done(false));',
            [$id],
        ),
        'Waited for the day to be kept',
    );
    $this->expectedOnConsole = ['Failed to load resource', 'fetching the script'];
    $this->server('stop');
    try {
        $window->navigate()->refresh();
        $this->one($window, '.strip-hand');
        $this->see($window, 'No signal: the day as this device kept it.');
        $this->see($window, 'Be off by 10:21.');
    } finally {
        $this->server('start');
    }
});
