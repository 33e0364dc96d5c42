<?php

declare(strict_types=1);

namespace App\Account\Password;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;

final class GoodPasswordValidator extends ConstraintValidator
{
    /** Shorter words than that are in any long password by chance. */
    private const WORD = 4;
    /** So many letters and digits must be left when the person's own words are taken out. */
    private const LEFT = 8;

    public function __construct(private readonly CommonPasswords $common) {}

    public function validate(mixed $value, Constraint $constraint): void
    {
        \assert($value instanceof OwnWords);
        $fault = $this->fault($value->password(), $value->ownWords());
        if (null !== $fault) {
            $this->context->buildViolation($fault)->atPath('password')->addViolation();
        }
    }

    /** @param list<string> $ownWords */
    private function fault(#[\SensitiveParameter] string $password, array $ownWords): ?string
    {
        return match (true) {
            '' === $password => 'Choose a password.',
            mb_strlen($password) < GoodPassword::LEAST => \sprintf(
                'At least %d characters, so that it is hard to guess.',
                GoodPassword::LEAST,
            ),
            mb_strlen($password) > GoodPassword::MOST => \sprintf('At most %d characters.', GoodPassword::MOST),
            $this->common->has($password)
                => 'This is one of the passwords that are tried first everywhere. Four words in a row are better.',
            mb_strlen(self::without($password, $ownWords)) < self::LEFT
                => 'Your names and your address are tried first. Leave them out, or add more to them.',
            default => null,
        };
    }

    /** @param list<string> $ownWords */
    private static function without(#[\SensitiveParameter] string $password, array $ownWords): string
    {
        $words = [];
        foreach (['schwung', 'longarm', 'quilt', ...$ownWords] as $text) {
            $parts = preg_split('~[^\p{L}\p{N}]+~u', mb_strtolower($text)) ?: [];
            $words = [
                ...$words,
                ...array_filter($parts, static fn(string $part): bool => mb_strlen($part) >= self::WORD),
            ];
        }
        usort($words, static fn(string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return (string) preg_replace('~[^\p{L}\p{N}]~u', '', str_replace($words, '', mb_strtolower($password)));
    }
}
