<?php

declare(strict_types=1);

/** @return list<string> */
function coreFiles(): array
{
    $files = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/../../core', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $files[] = (string) $file;
    }

    return $files;
}

arch('the craft knows nothing of the web')->expect('RushHold')->toUseStrictTypes();

/**
 * What a file of the craft leans on: names it imports or writes out, and functions it calls.
 *
 * @return array{list<string>, list<string>}
 */
function leansOn(string $file): array
{
    $tokens = array_values(
        array_filter(
            PhpToken::tokenize((string) file_get_contents($file)),
            static fn (PhpToken $token): bool => ! $token->isIgnorable(),
        ),
    );
    $names = $calls = [];
    foreach ($tokens as $at => $token) {
        $before = $tokens[$at - 1]->text ?? '';
        $called = ($tokens[$at + 1]->text ?? '') === '(';
        if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) || ($token->is(T_STRING) && $before === 'use')) {
            $names[] = ltrim($token->text, '\\');
        }
        if ($token->is(T_STRING) && $called && ! in_array($before, ['->', '?->', '::', 'function', 'new'], true)) {
            $calls[] = strtolower($token->text);
        }
    }

    return [$names, $calls];
}

it(
    'keeps the craft plain: it imports nothing but itself, reads no file, asks no clock and throws no dice',
    function () {
        $banned =
            '/^(f(open|ile|read|write|gets|puts|close)\w*|file_\w+|read(file|dir|link)|unlink|rename|copy|mkdir|glob|scandir|is_(file|dir)|tempnam|stream_\w+'.
            '|curl_\w+|fsockopen|gethostbyname|mail|header|setcookie|exec|system|passthru|shell_exec|proc_open|popen'.
            '|time|microtime|hrtime|date|gmdate|mktime|strtotime|checkdate|date_\w+|localtime|getdate|usleep|sleep'.
            '|rand|mt_rand|random_int|random_bytes|lcg_value|array_rand|shuffle|str_shuffle|uniqid|mt_srand'.
            '|printf|print_r|var_dump|var_export|debug_\w+|error_log|trigger_error|dd|dump|getenv|putenv|ini_(set|get)|env|config|app|now|class_exists|call_user_func\w*)$/';
        foreach (coreFiles() as $file) {
            [$names, $calls] = leansOn($file);
            expect(
                preg_grep(
                    '/^(RushHold\\\\.*|Closure|Generator|stdClass|BackedEnum|DateTimeImmutable|DateTimeZone|\w*Exception|Random\\\\Randomizer|Random\\\\Engine\\\\Xoshiro256StarStar)$/',
                    $names,
                    PREG_GREP_INVERT,
                ),
            )
                ->toBe([], $file)
                ->and(preg_grep($banned, $calls))
                ->toBe([], $file);
            // a day may be read as it is written and a seed may be rolled; no moment is made from the clock, no chance from the machine
            expect(
                preg_match('/new \\\\?(DateTime\w*|Xoshiro\w*|Randomizer)\(\s*\)/', (string) file_get_contents($file)),
            )->toBe(0, $file);
        }
    },
);

it(
    'stacks the craft in layers: no two folders lean on each other, and only what is written for a person has words',
    function () {
        $folders = [];
        foreach (coreFiles() as $file) {
            $folder = explode('/', substr($file, strpos($file, '/core/') + 6))[0];
            foreach (leansOn($file)[0] as $name) {
                $other = explode('\\', $name)[1] ?? '';
                if ($other !== $folder && is_dir(dirname(__DIR__, 2).'/core/'.$other)) {
                    $folders[$folder][$other] = basename($file);
                }
            }
        }
        $speaking = array_keys(array_filter($folders, static fn (array $others): bool => isset($others['Wording'])));
        sort($speaking);
        expect($speaking)->toBe(['Card', 'Controls', 'Counts', 'Dialect', 'Rehearsal']);
        // whatever leans on nothing that is left can be taken away; what stays leans on itself
        do {
            $before = count($folders);
            $folders = array_filter(
                $folders,
                static fn (array $others): bool => array_intersect_key($others, $folders) !== [],
            );
        } while (count($folders) < $before);
        expect($folders)->toBe([]);
    },
);

arch('faults are faults')->expect('RushHold\Faults')->classes()->toExtend(DomainException::class);

it('keeps superglobals, output and the system clock out of the craft, token by token', function () {
    $files = coreFiles();
    expect(count($files))->toBeGreaterThan(60);
    $found = [];
    foreach ($files as $file) {
        foreach (PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            if (
                $token->is([T_ECHO, T_PRINT, T_INLINE_HTML, T_EVAL, T_EXIT, T_GLOBAL]) ||
                ($token->is(T_VARIABLE) && str_starts_with($token->text, '$_')) ||
                $token->text === '$GLOBALS'
            ) {
                $found[] = "{$file} line {$token->line}: {$token->text}";
            }
        }
    }
    expect($found)->toBe([]);
});

arch('keeps the web thin: no formula outside the craft')
    ->expect(['sin', 'cos', 'sqrt', 'log', 'exp', 'hypot', 'pow'])
    ->not->toBeUsedIn('App');

it('lints every shared folder of the client as one that knows no room', function () {
    $root = dirname(__DIR__, 2);
    $lint = json_decode((string) file_get_contents("{$root}/.oxlintrc.json"), true);
    $shared = array_map(static fn (string $folder): string => basename($folder), glob("{$root}/resources/js/*", GLOB_ONLYDIR));
    $linted = array_merge(...array_map(static fn (array $one): array => $one['files'], $lint['overrides']));
    foreach (array_diff($shared, ['rooms', 'shell', 'generated']) as $folder) {
        expect($linted)->toContain("resources/js/{$folder}/**");
    }
});

it('gives a name to one class only', function () {
    $root = dirname(__DIR__, 2);
    $names = [];
    foreach (['core', 'app'] as $half) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$half}", FilesystemIterator::SKIP_DOTS)) as $file) {
            $names[$file->getBasename()][] = substr($file->getPathname(), strlen($root) + 1);
        }
    }
    expect(array_filter($names, static fn (array $files): bool => count($files) > 1))->toBe([]);
});

it('names as a source only what is there to be read', function () {
    $root = dirname(__DIR__, 2);
    preg_match_all('/^## (.+?)(?: \(`|$)/m', (string) file_get_contents($root.'/docs/model.md'), $headings);
    $named = 0;
    foreach (coreFiles() as $file) {
        $code = (string) file_get_contents($file);
        preg_match_all('/docs\/model\.md(?:, ([A-Z][^\'.;:)\n]*?))?(?=[\'.;:)\n]| §)/', $code, $found);
        foreach ($found[1] as $at => $heading) {
            $named++;
            $heading === ''
                ? expect($found[0][$at])->toBe('docs/model.md', $file)
                : expect($headings[1])->toContain($heading);
        }
        expect($code)->not->toContain('§');
        preg_match_all('/schemas\/[\w-]+\.json/', $code, $schemas);
        foreach ($schemas[0] as $schema) {
            expect(is_file($root.'/'.$schema))->toBeTrue("{$file} names {$schema}");
        }
    }
    expect($named)->toBeGreaterThan(12);
});

it('keeps lines within 120 columns, but for tables of data and whole sentences', function () {
    $tables = ['core/Assumptions/Assumptions.php', 'core/Rush/Catalogue.php', 'app/OpenApi/Operations.php'];
    $root = dirname(__DIR__, 2).'/';
    $long = [];
    foreach (['core', 'app'] as $folder) {
        foreach (
            new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($root.$folder, FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $name = substr((string) $file, strlen($root));
            foreach (in_array($name, $tables, true) ? [] : file((string) $file) as $at => $line) {
                $says = preg_match('/^\s*(\*|\/\*)|\/\/ |([\'"]).{30,}\2/', $line) === 1;
                if (mb_strlen(rtrim($line)) > 120 && ! $says) {
                    $long[] = $name.':'.($at + 1);
                }
            }
        }
    }
    expect($long)->toBe([]);
});
