<?php

declare(strict_types=1);

namespace App\AtTheFrame;

use App\Measure\LengthType;
use Schwung\Core\Running\EntryKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\IntegerType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<ReadingInput> */
final class ReadingType extends AbstractType
{
    /** @var array<string, array<string, string>> fields and their labels, by the words of EntryKind */
    private const FIELDS = [
        'roll' => ['round' => 'Once round the roll', 'through' => 'Or through it'],
        'width' => ['depth' => 'From the lead edge', 'width' => 'So wide it lies there'],
        'slant' => [
            'left' => 'From the last row, at the left',
            'right' => 'At the right',
            'apart' => 'From one place to the other',
        ],
        'strain' => ['apart' => 'Apart on slack cloth', 'loaded' => 'Apart now'],
    ];

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        \assert($options['kind'] instanceof EntryKind);
        $kind = $options['kind'];
        if (EntryKind::Strain === $kind) {
            $builder->add('layer', ChoiceType::class, [
                'label' => 'Layer',
                'empty_data' => 'backing',
                'choices' => ['backing' => 'backing', 'top' => 'top'],
            ]);
        }
        foreach (self::FIELDS[$kind->value] ?? [] as $name => $label) {
            $builder->add($name, LengthType::class, [
                'label' => $label,
                'required' => false,
                'may_be_zero' => \in_array($name, ['depth', 'left', 'right', 'apart', 'loaded'], true),
            ]);
        }
        if (EntryKind::Roll === $kind && true === $options['has_ratchet']) {
            $builder->add('clicks', IntegerType::class, [
                'label' => 'Or the clicks of the last advance',
                'required' => false,
                'invalid_message' => 'Write a whole number of clicks, like 44.',
            ]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults([
            'data_class' => ReadingInput::class,
            'kind' => EntryKind::Roll,
            'has_ratchet' => false,
        ]);
    }
}
