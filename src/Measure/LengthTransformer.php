<?php

declare(strict_types=1);

namespace App\Measure;

use Schwung\Core\Measure\Exception\UnreadableLength;
use Schwung\Core\Measure\Length;
use Schwung\Core\Measure\LengthWriter;
use Symfony\Component\Form\DataTransformerInterface;
use Symfony\Component\Form\Exception\TransformationFailedException;

/** @implements DataTransformerInterface<Length, string> */
final class LengthTransformer implements DataTransformerInterface
{
    public const LONGEST_INCHES = 300;

    private ?Length $shown = null;

    public function __construct(
        private readonly LengthWriter $writer,
        private readonly bool $mayBeZero,
        private readonly int $longestInches = self::LONGEST_INCHES,
    ) {}

    public function transform(mixed $value): string
    {
        $this->shown = $value;

        return null === $value ? '' : $this->writer->write($value);
    }

    public function reverseTransform(mixed $value): ?Length
    {
        if (null === $value || '' === trim($value)) {
            return null;
        }
        // The text as it was shown stands for the exact length behind it.
        if (null !== $this->shown && trim($value) === $this->writer->write($this->shown)) {
            return $this->shown;
        }
        try {
            $length = $this->writer->read($value);
        } catch (UnreadableLength $exception) {
            throw $this->failed($exception->getMessage(), $exception);
        }
        if (
            $length->isNegative() ||
            (!$this->mayBeZero && !$length->isPositive()) ||
            $length->toInches() > $this->longestInches
        ) {
            throw $this->failed(
                \sprintf(
                    '"%s" cannot be: accepted is %s and up to %d in or %d cm.',
                    $value,
                    $this->mayBeZero ? 'zero or more' : 'more than zero',
                    $this->longestInches,
                    (int) round($this->longestInches * 2.54),
                ),
            );
        }

        return $length;
    }

    private function failed(string $message, ?\Throwable $previous = null): TransformationFailedException
    {
        return new TransformationFailedException($message, 0, $previous, $message);
    }
}
