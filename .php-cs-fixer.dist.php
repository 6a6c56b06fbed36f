<?php

declare(strict_types=1);
use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/.data/php-cs-fixer.cache')
    ->setRules([
        '@PER-CS' => true,
        '@PHP82Migration' => true,
        // Prettier breaks lines and sets operators: what the two would do differently is its business.
        'concat_space' => ['spacing' => 'one'],
        'operator_linebreak' => false,
        'array_indentation' => false,
        'heredoc_indentation' => false,
        'method_argument_space' => ['on_multiline' => 'ignore', 'after_heredoc' => false],
        'statement_indentation' => false,
        'spaces_inside_parentheses' => false,
        'types_spaces' => ['space_multiple_catch' => 'single'],
        'single_space_around_construct' => [
            'constructs_preceded_by_a_single_space' => ['else', 'elseif', 'use_lambda'],
        ],
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
        'global_namespace_import' => [
            'import_classes' => true,
            'import_functions' => false,
            'import_constants' => false,
        ],
        'fully_qualified_strict_types' => ['import_symbols' => true],
    ])
    ->setFinder(
        Finder::create()
            ->in([
                __DIR__ . '/app',
                __DIR__ . '/bench',
                __DIR__ . '/bin',
                __DIR__ . '/bootstrap',
                __DIR__ . '/config',
                __DIR__ . '/core',
                __DIR__ . '/database',
                __DIR__ . '/routes',
                __DIR__ . '/tests',
            ])
            ->notPath('cache')
            ->append([__FILE__]),
    );
