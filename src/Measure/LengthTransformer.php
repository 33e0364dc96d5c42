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
    private const LONGEST_INCHES = 300;

    private ?Length $shown = null;

    public function __construct(private readonly LengthWriter $writer, private readonly bool $mayBeZero) {}

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
            $length->toInches() > self::LONGEST_INCHES
        ) {
            throw $this->failed(
                \sprintf(
                    '"%s" cannot be: accepted is %s and up to 300 in or 762 cm.',
                    $value,
                    $this->mayBeZero ? 'zero or more' : 'more than zero',
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
