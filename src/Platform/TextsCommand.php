<?php

declare(strict_types=1);

namespace App\Platform;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** Prints every text of the product, by the file that it stands in, so that an editor can read them in one list. */
#[AsCommand('app:texts', 'Prints every text of the product, by the file that it stands in')]
final class TextsCommand extends Command
{
    private const FOLDERS = ['core' => 'php', 'src' => 'php', 'templates' => 'twig', 'assets/scripts' => 'js'];
    /**
     * Words of classes, keys and paths are no texts: a text has two words or begins with a capital and ends in a
     * stop.
     */
    private const TEXT = '/^(?=.*\pL)(?:.*\pL.*\s.*\pL.*|\p{Lu}.*[.?])$/us';

    public function __construct(#[Autowire('%kernel.project_dir%')] private readonly string $folder)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        foreach (self::FOLDERS as $folder => $ending) {
            foreach ($this->files($folder, $ending) as $name => $path) {
                $texts = $this->texts($ending, (string) file_get_contents($path));
                if ([] !== $texts) {
                    $output->writeln(["# $name", ...array_map(static fn(string $text): string => "  $text", $texts)]);
                }
            }
        }

        return self::SUCCESS;
    }

    /** @return array<string, string> paths by names, in order */
    private function files(string $folder, string $ending): array
    {
        $files = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$this->folder/$folder", \FilesystemIterator::SKIP_DOTS),
            )
            as $file
        ) {
            if ($file instanceof \SplFileInfo && $ending === $file->getExtension()) {
                $files[substr($file->getPathname(), \strlen($this->folder) + 1)] = $file->getPathname();
            }
        }
        ksort($files);

        return $files;
    }

    /** @return list<string> each once, in the order of the file */
    private function texts(string $ending, string $source): array
    {
        $found = match ($ending) {
            'php' => $this->ofPhp($source),
            'js' => $this->quoted((string) preg_replace('~^\s*(//|\*|/\*).*$~m', '', $source)),
            default => $this->ofTwig($source),
        };
        $clean = array_map(
            static fn(string $text): string => trim((string) preg_replace('/\s+/u', ' ', $text)),
            $found,
        );

        return array_values(
            array_unique(
                array_filter(
                    $clean,
                    static fn(string $text): bool => (1 === preg_match(self::TEXT, $text) &&
                        !str_contains($text, '\\') &&
                        1 !== preg_match('/^[a-z0-9:\[\]\/.-]+(?: [a-z0-9:\[\]\/.-]+)*$/', $text)) ||
                        1 === preg_match('/^\p{Lu}[^_\\\\]*\s/u', $text),
                ),
            ),
        );
    }

    /** @return list<string> its strings, an interpolated one with its names */
    private function ofPhp(string $source): array
    {
        $texts = [];
        $open = null;
        foreach (\PhpToken::tokenize($source) as $token) {
            if ('"' === $token->text) {
                [$texts, $open] = null === $open ? [$texts, ''] : [[...$texts, $open], null];
            } elseif (null !== $open) {
                $open .= $token->is(\T_ENCAPSED_AND_WHITESPACE) ? $token->text : '…';
            } elseif ($token->is(\T_CONSTANT_ENCAPSED_STRING)) {
                $texts[] = stripslashes(substr($token->text, 1, -1));
            }
        }

        return $texts;
    }

    /** @return list<string> what stands between tags, and the strings of expressions and of labels */
    private function ofTwig(string $source): array
    {
        $source = (string) preg_replace('/\{#.*?#\}/s', '', $source);
        preg_match_all('/(?:aria-label|title|placeholder|alt)="([^"{]+)"/', $source, $labels);
        preg_match_all('/\{\{(.*?)\}\}|\{%(.*?)%\}/s', $source, $code);
        $bare = (string) preg_replace(['/\{\{.*?\}\}/s', '/\{%.*?%\}/s'], ['…', "\n\n"], $source);
        $between = preg_split('/<[^>]*>|\n\s*\n/s', $bare) ?: [];

        return [...$between, ...$labels[1], ...$this->quoted(implode("\n", [...$code[1], ...$code[2]]))];
    }

    /** @return list<string> */
    private function quoted(string $source): array
    {
        preg_match_all(
            '/"((?:[^"\\\\\n]|\\\\.)*)"|\'((?:[^\'\\\\\n]|\\\\.)*)\'|`((?:[^`\\\\]|\\\\.)*)`/',
            $source,
            $found,
        );

        return array_values(array_filter([...$found[1], ...$found[2], ...$found[3]]));
    }
}
