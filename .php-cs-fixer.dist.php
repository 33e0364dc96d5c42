<?php

declare(strict_types=1);

use PhpCsFixer\Config;
use PhpCsFixer\Finder;

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache')
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'final_class' => false,
        'phpdoc_align' => false,
        'phpdoc_to_comment' => false,
        // Prettier lays the lines out; what follows is as it writes it.
        'method_argument_space' => ['on_multiline' => 'ignore'],
        'function_declaration' => ['closure_fn_spacing' => 'none'],
        'single_line_empty_body' => true,
        'concat_space' => ['spacing' => 'one'],
        'operator_linebreak' => false,
        'no_unneeded_control_parentheses' => false,
        'attribute_block_no_spaces' => false,
        'single_line_throw' => false,
        'no_multiline_whitespace_around_double_arrow' => false,
        'array_indentation' => false,
        'statement_indentation' => false,
        'binary_operator_spaces' => ['operators' => ['=>' => null]],
        'single_space_around_construct' => ['constructs_preceded_by_a_single_space' => ['use_lambda']],
    ])
    ->setFinder((new Finder())->in([__DIR__ . '/core', __DIR__ . '/src', __DIR__ . '/tests', __DIR__ . '/migrations', __DIR__ . '/public', __DIR__ . '/config'])->notName('reference.php')->append([__FILE__]));
