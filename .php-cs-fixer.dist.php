<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS' => true,
        '@PER-CS:risky' => true,
        'declare_strict_types' => true,
        'strict_comparison' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
    ])
    ->setFinder((new Finder())
        ->in(array_map(static fn(string $folder): string => __DIR__ . '/' . $folder,
            ['core', 'src', 'tests', 'config', 'migrations', 'public']))
        ->notName('reference.php')
        ->exclude('build'));
