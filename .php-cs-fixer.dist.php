<?php

declare(strict_types=1);
use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/.data/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS' => true,
        '@PHP82Migration' => true,
        'concat_space' => ['spacing' => 'none'],
        'declare_strict_types' => true,
        'native_function_invocation' => false,
        'no_unused_imports' => true,
        'ordered_imports' => ['sort_algorithm' => 'alpha'],
        'increment_style' => ['style' => 'pre'],
        'single_quote' => true,
        'strict_comparison' => true,
        'strict_param' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arguments', 'arrays', 'match', 'parameters']],
        'yoda_style' => ['equal' => false, 'identical' => false, 'less_and_greater' => false],
        'global_namespace_import' => ['import_classes' => true, 'import_functions' => false, 'import_constants' => false],
        'fully_qualified_strict_types' => ['import_symbols' => true],
    ])
    ->setFinder(Finder::create()->in([__DIR__.'/app', __DIR__.'/bench', __DIR__.'/bin', __DIR__.'/bootstrap', __DIR__.'/config', __DIR__.'/core', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/tests'])->notPath('cache')->append([__FILE__]));
