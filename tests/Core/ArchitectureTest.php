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
