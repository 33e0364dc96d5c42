<?php

declare(strict_types=1);

namespace App\Account\Password;

use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The passwords that are tried first everywhere: a shipped list, built from the package that names it. */
final readonly class CommonPasswords
{
    public function __construct(
        #[Autowire('%kernel.project_dir%/public/build/common-passwords.txt')] private string $file,
    ) {}

    /**
     * Whether a password is one of them, or becomes one where case, repetition, and digits and marks around it do not
     * count: "Password-2026", "dragondragon".
     */
    public function has(#[\SensitiveParameter] string $password): bool
    {
        $small = mb_strtolower($password);
        $once = (string) preg_replace('~^(.+?)\1+$~us', '$1', $small);
        $bare = (string) preg_replace('~^[^\p{L}]+|[^\p{L}]+$~u', '', $small);
        $words = [$small, $once, $bare, (string) preg_replace('~^(.+?)\1+$~us', '$1', $bare)];
        $list = "\n" . file_get_contents($this->file);
        foreach ($words as $word) {
            if (mb_strlen($word) < 2 || str_contains($list, "\n$word\n")) {
                return true;
            }
        }

        return false;
    }
}
