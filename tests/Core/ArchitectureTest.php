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

arch('the craft knows nothing of the web')
    ->expect('RushHold')
    ->not->toUse(['Illuminate', 'App', 'Laravel', 'Symfony'])
    ->and('RushHold')
    ->toUseStrictTypes();

arch('the craft says nothing, asks no clock and throws no dice')
    ->expect([
        'DB',
        'now',
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'echo',
        'print_r',
        'var_dump',
        'dd',
        'env',
        'config',
    ])
    ->not->toBeUsedIn('RushHold');

arch('faults are faults')->expect('RushHold\Faults')->classes()->toExtend(DomainException::class);

it('keeps superglobals, output and the system clock out of the craft, token by token', function () {
    $files = coreFiles();
    expect(count($files))->toBeGreaterThan(60);
    foreach ($files as $file) {
        foreach (PhpToken::tokenize((string) file_get_contents($file)) as $token) {
            expect($token->is([T_ECHO, T_PRINT, T_INLINE_HTML, T_EVAL, T_EXIT, T_GLOBAL]))->toBeFalse(
                $file.' line '.$token->line,
            );
            expect(
                ($token->is(T_VARIABLE) && str_starts_with($token->text, '$_')) ||
                    $token->text === '$GLOBALS',
            )->toBeFalse($file.' line '.$token->line);
        }
    }
});

arch('keeps the web thin: no formula outside the craft')
    ->expect(['sin', 'cos', 'sqrt', 'log', 'exp', 'hypot', 'pow'])
    ->not->toBeUsedIn('App');

it('names as a source only what is there to be read', function () {
    $root = dirname(__DIR__, 2);
    preg_match_all('/^## (.+?)(?: \(`|$)/m', (string) file_get_contents($root.'/docs/model.md'), $headings);
    $named = 0;
    foreach (coreFiles() as $file) {
        $code = (string) file_get_contents($file);
        preg_match_all('/docs\/model\.md(?:, ([A-Z][^\'.;:)\n]*?))?(?=[\'.;:)\n]| §)/', $code, $found);
        foreach ($found[1] as $at => $heading) {
            $named++;
            $heading === '' ? expect($found[0][$at])->toBe('docs/model.md', $file) : expect($headings[1])->toContain($heading);
        }
        expect($code)->not->toContain('§');
        preg_match_all('/schemas\/[\w-]+\.json/', $code, $schemas);
        foreach ($schemas[0] as $schema) {
            expect(is_file($root.'/'.$schema))->toBeTrue("{$file} names {$schema}");
        }
    }
    expect($named)->toBeGreaterThan(12);
});
