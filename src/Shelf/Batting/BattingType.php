<?php

declare(strict_types=1);

namespace App\Shelf\Batting;

use App\Measure\LengthType;
use App\Shelf\WhoseType;
use Schwung\Core\Material\BattingKind;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\ChoiceType;
use Symfony\Component\Form\Extension\Core\Type\DateTimeType;
use Symfony\Component\Form\Extension\Core\Type\EnumType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

/** @extends AbstractType<BattingInput> */
final class BattingType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('isRoll', ChoiceType::class, [
                'label' => 'It is',
                'choices' => ['a piece' => false, 'a roll' => true],
                'expanded' => true,
            ])
            ->add('kind', EnumType::class, [
                'label' => 'Kind',
                'class' => BattingKind::class,
                'choice_label' => static fn(BattingKind $kind): string => $kind->words(),
            ])
            ->add('width', LengthType::class, ['label' => 'Width', 'required' => false])
            ->add('length', LengthType::class, [
                'label' => 'Length',
                'required' => false,
                'longest_inches' => BattingInput::LONGEST_INCHES,
                'help' => 'Of a roll: what is left on it, like 12 yd or 11 m.',
            ])
            ->add('loft', LengthType::class, [
                'label' => 'Loft',
                'required' => false,
                'help' => 'As measured, unpressed; empty for the usual of its kind.',
            ])
            ->add('opened', DateTimeType::class, [
                'label' => 'Out of its bag since',
                'required' => false,
                'widget' => 'single_text',
                'input' => 'datetime_immutable',
                'view_timezone' => $options['zone'],
                'model_timezone' => 'UTC',
                'invalid_message' => 'This is no day and hour.',
            ])
            ->add('client', WhoseType::class, ['choices' => $options['clients']])
            ->add('name', TextType::class, [
                'label' => 'What you call it',
                'required' => false,
                'empty_data' => '',
                'help' => 'Where it lies, or how it looks.',
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => BattingInput::class, 'clients' => [], 'zone' => 'UTC']);
    }
}
