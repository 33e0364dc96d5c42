<?php

declare(strict_types=1);

namespace App\Measure;

use Schwung\Core\Measure\Length;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/**
 * A field for a length, read in either unit system and shown in the person's.
 *
 * A text that comes back as it was shown keeps the exact length behind it, so that looking at a frame in the other
 * units and saving it changes nothing.
 *
 * @extends AbstractType<Length>
 */
final class LengthType extends AbstractType
{
    public function __construct(private readonly CurrentUnits $units) {}

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $longest = $options['longest_inches'];
        $builder->addModelTransformer(
            new LengthTransformer(
                $this->units->writer(),
                true === $options['may_be_zero'],
                \is_int($longest) ? $longest : LengthTransformer::LONGEST_INCHES,
            ),
        );
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'may_be_zero' => false,
            'longest_inches' => LengthTransformer::LONGEST_INCHES,
            'attr' => ['data-length' => '1'],
            'invalid_message' => 'This is not a length. Write it like 66 1/2 in or 169 cm.',
        ]);
        $resolver->setAllowedTypes('may_be_zero', 'bool');
    }

    public function getParent(): string
    {
        return TextType::class;
    }
}
