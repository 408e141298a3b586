<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Support\Frames;

/**
 * A card of photographs on this machine: bursts of six, of which every third is soft.
 *
 * @return list<string> their paths
 */
function aCard(int $bursts): array
{
    $folder = sys_get_temp_dir().'/card-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $paths = [];
    for ($number = 0; $number < 6 * $bursts; $number++) {
        $burst = intdiv($number, 6);
        $taken = sprintf('2026-05-23T05:%02d:00.%d00', 10 + $burst, $number % 6);
        $paths[] = $path = sprintf('%s/R%03d.jpg', $folder, $number);
        file_put_contents($path, Frames::jpeg($number, $number % 3 === 1 ? 10 : 0, ['takenAt' => $taken]));
    }

    return $paths;
}

/** @param  list<string>  $paths */
function sendPhotographs(RemoteWebDriver $window, array $paths): void
{
    $window
        ->findElement(WebDriverBy::cssSelector('.intake input[aria-label="Photographs"]'))
        ->sendKeys(implode("\n", $paths));
}

/** @return list<array<string, mixed>> bursts of the log, the latest first */
function shelf(RemoteWebDriver $window): array
{
    return test()->api($window, 'GET', 'log')[1]['bursts'];
}

it('takes a card in while the worker dies, and shows its bursts, each frame once', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    $paths = aCard(3);
    file_put_contents($notes = dirname($paths[0]).'/notes.txt', 'tide at six');
    file_put_contents($broken = dirname($paths[0]).'/broken.jpg', substr((string) file_get_contents($paths[0]), 0, 9000));
    sendPhotographs($window, [...$paths, $notes, $broken]);
    $this->see($window, 'One file is no photograph and stays where it is: notes.txt');
    $killed = 0;
    $window->wait(240, 50)->until(function () use ($window, &$killed): bool {
        $state = $this->api($window, 'GET', 'log/intake')[1]['intake'] ?? null;
        if ($killed === 0 && $state !== null && $state['read'] > 2 && $state['status'] === 'running') {
            foreach ($this->workers() as $pid) {
                posix_kill($pid, 9);
                $killed++;
            }
        }

        return array_sum(array_column(shelf($window), 'frames')) === 18;
    }, 'all eighteen in the log');
    expect($killed)->toBeGreaterThan(0);
    $this->see($window, 'of 6 sharp');
    $this->see($window, 'could not be taken in; all others are here');
    $this->see($window, 'It is damaged');
    expect(array_column(shelf($window), 'frames'))->toBe([6, 6, 6]);
    // the same card again: known, and not sent again
    $window->navigate()->refresh();
    sendPhotographs($window, array_slice($paths, 0, 3));
    $window->wait(30, 100)->until(static fn (): bool => $window->findElements(WebDriverBy::cssSelector('.intake-line')) === []);
    expect(array_sum(array_column(shelf($window), 'frames')))->toBe(18);
});

it('keeps what waits to be sent through a reload, can be paused, and stopped', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    $paths = aCard(1);
    // the network is slow enough to be looked at
    $tools = new ChromeDevToolsDriver($window);
    $tools->execute('Network.enable');
    $line = static fn (int $bytes) => $tools->execute('Network.emulateNetworkConditions', [
        'offline' => false,
        'latency' => 20,
        'downloadThroughput' => 50_000_000,
        'uploadThroughput' => $bytes,
    ]);
    $line(60_000);
    sendPhotographs($window, $paths);
    $this->press($window, 'Pause');
    $this->see($window, 'paused; nothing is lost');
    $window->navigate()->refresh();
    $this->see($window, 'Sending');
    $line(50_000_000);
    $window->wait(120, 100)->until(fn (): bool => array_sum(array_column(shelf($window), 'frames')) === 6, 'all six in the log');
});

it('judges a card of frames by keyboard alone, with undo, and tells how often the machine agreed', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    sendPhotographs($window, aCard(3));
    $window->wait(240, 200)->until(fn (): bool => array_sum(array_column(shelf($window), 'frames')) === 18, 'all eighteen in the log');
    $this->see($window, '05:12:00');
    foreach (shelf($window) as $at => $burst) {
        $window->get($this->address('/log/'.$burst['id']));
        $this->see($window, '6 frames');
        $this->see($window, 'Frame 1 of 6');
        for ($frame = 0; $frame < 6; $frame++) {
            $this->keys($window, $frame === 4 ? '3' : '1');
        }
        $this->see($window, '6 judged by eye');
        if ($at === 0) {
            // the last one taken back, and given another verdict
            $this->keys($window, 'u');
            $this->see($window, '5 judged by eye');
            $this->see($window, 'Taken back: verdict on');
            $this->keys($window, Key::END, '6');
            $this->see($window, '6 judged by eye');
        }
        $window->wait(30, 100)->until(fn (): bool => shelf($window)[$at]['eyed'] === 6);
    }
    $eyes = array_column($this->api($window, 'GET', 'bursts/'.shelf($window)[0]['id'])[1]['burst']['all'], 'eye');
    expect($eyes)->toBe(['sharp', 'sharp', 'sharp', 'sharp', 'moved', 'soft']);
    // it survives a reload
    $window->navigate()->refresh();
    $this->see($window, '6 judged by eye');
    // the piece at full size, beside that of the frame before
    $this->keys($window, Key::ARROW_RIGHT, 'z');
    $this->see($window, 'The frame before');
    $window->wait(20, 100)->until(
        static fn (): bool => $window->executeScript('return [...document.querySelectorAll(".piece img")].filter((one) => one.naturalWidth > 200).length') === 2,
    );
    $window->get($this->address('/log'));
    $this->see($window, 'Of 18 frames you have judged');
});

it('splits and joins bursts, gives them their rush with one key, and takes each back', function () {
    $window = $this->browser();
    $this->planning($window);
    $this->room($window, 'Log');
    $this->see($window, 'Nothing has come home yet.');
    sendPhotographs($window, array_slice(aCard(1), 0, 6));
    $window->wait(120, 200)->until(fn (): bool => (shelf($window)[0]['frames'] ?? 0) === 6, 'all six in the log');
    $burst = shelf($window)[0]['id'];
    $window->get($this->address('/log/'.$burst));
    $this->see($window, 'Frame 1 of 6');
    $this->keys($window, Key::ARROW_RIGHT, Key::ARROW_RIGHT, 's');
    $this->see($window, 'of 2 sharp');
    expect(array_column(shelf($window), 'frames'))->toEqualCanonicalizing([2, 4]);
    $this->pick($window, 'Join with another burst', '05:10:00, 23 May 2026, 4 frames');
    $this->see($window, 'of 6 sharp');
    $this->keys($window, 'u');
    $this->see($window, 'Taken back: bursts joined.');
    $this->keys($window, 'u');
    $this->see($window, 'Taken back: burst split.');
    $this->see($window, 'of 6 sharp');
    $rush = $this->api($window, 'GET', 'rushes')[1]['rushes'][0];
    $this->pick($window, 'The rush it was taken for', $rush['name']);
    $this->see($window, 'Its plan');
    expect(shelf($window)[0]['rush']['id'])->toBe($rush['id']);
    $this->keys($window, 'u');
    $this->see($window, 'Taken back: rush given.');
    expect(shelf($window)[0]['rush'])->toBeNull();
    // where the subject is, by keys alone
    $this->keys($window, 't');
    $this->one($window, '.subject.touching')->sendKeys([Key::ARROW_LEFT, Key::ARROW_LEFT, Key::ENTER]);
    $window->wait(60, 200)->until(
        fn (): bool => in_array('touch', array_column($this->api($window, 'GET', 'bursts/'.$burst)[1]['burst']['all'], 'found_by'), true),
        'the second look',
    );
    $this->see($window, 'where you showed it');
});

it('shows nobody a frame of another account, nor its picture', function () {
    $owner = $this->browser();
    $this->planning($owner);
    $this->room($owner, 'Log');
    $this->see($owner, 'Nothing has come home yet.');
    sendPhotographs($owner, array_slice(aCard(1), 0, 1));
    $owner->wait(60, 200)->until(fn (): bool => (shelf($owner)[0]['frames'] ?? 0) === 1);
    $burst = shelf($owner)[0];
    $frame = $burst['shown'][0]['id'];
    $stranger = $this->browser();
    $this->planning($stranger);
    $this->expectedOnConsole = ['status of 404'];
    foreach ([['GET', "bursts/{$burst['id']}"], ['GET', "frames/{$frame}/whole"], ['GET', "frames/{$frame}/piece"], ['PUT', "frames/{$frame}/eye"], ['POST', "bursts/{$burst['id']}/split"], ['DELETE', "bursts/{$burst['id']}"]] as [$verb, $path]) {
        expect($this->api($stranger, $verb, $path, $verb === 'GET' ? null : [])[0])->toBe(404);
    }
    $stranger->get($this->address('/log/'.$burst['id']));
    $this->see($stranger, 'This burst is not here.');
    $shown = $owner->executeScript('return fetch(arguments[0]).then((answer) => answer.status)', ["/api/frames/{$frame}/whole"]);
    expect($shown)->toBe(200);
});
